import type { Lift } from '../model';

/**
 * What the ratios of each lift rest on: an exercise's maximum as a share of the lift's reference exercise. All common practice, no
 * published source, but for the shares of the body, which are Winter's segments (2009, table 4.1, from memory).
 */
export const LIFT_BASIS: Record<Lift, string> = {
  squat:
    'Against the goblet squat, which arms and upper back end before the legs do. A bar on the shoulders carries about 1.9 times as much, two dumbbells at the shoulders two thirds of the bar (1.25), a seat takes the hardest part away but has no bounce (0.9). On one leg or in a lunge the load only adds to the body: body above the knees (0.88 of it) and load together come to 0.9 of the two-legged squat’s in a split squat, 0.83 to 0.86 stepping, 0.8 sideways, 0.71 to 0.73 on one leg.',
  hinge:
    'Against the hinge with a pair. Staggered 0.7, on one leg 0.4 as balance ends it, a band behind 0.5 as it pulls hardest when the hips are strongest, a hip thrust 1.1 of it on the lap. One hand in a carry or a one-sided hold is trusted with 0.35.',
  press:
    'Against the floor press with a pair. One arm has a little less than half (0.45); flies have a lever two to three times as long (0.4, arms longer 0.32), by band 0.35. Press-ups count by the share of the body on the hands, times 1.4, as long sets flatter them. A dip moves the body without the forearms (0.96) and comes to 1.5 of the floor press, body and load together.',
  row: 'Against the one-arm row. Chest supported 0.85, as the trunk cannot help; two arms 1.8; from a plank 1.1 for two; bands to both hands 1.3 to 1.6. A pull-up moves the body without the forearms (0.96) and comes to 2.4 of one arm’s row, body and load together. Pressing a band out to the side 0.5.',
  overhead:
    'Against the standing press with a pair. Seated 0.95 without the legs, one arm 0.5, a push from the legs 1.2.',
  raise:
    'Against the lateral raise with a pair, both together. Elbows bent 1.4, front raise 1.1, one arm leaning 0.5, lying on the front 0.5 and with arms up 0.35. A leg is another matter: its lever is longer, but the muscles of hip and thigh are four to five times as strong, so one ankle weight is 1.8 to 2.6 of what both arms raise.',
  curl: 'Against the standing curl with a pair. Seated 0.95, thumbs up 1.05, five counts down 0.85, one arm on the thigh 0.45.',
  extend:
    'Against the overhead extension. Lying 1, a band pressed down 1.1 with the trunk’s help, one arm bent over 0.45.',
  calf: 'Against the heel raise on both feet, the body on the toes counted in (0.97 of it). On one leg 0.55 of that; seated only the load on the knees counts, 0.25.',
};
