import { AT, FREEDOMS, LIMB_JOINTS, SIDES, type Joint, type View } from './pose';

export type JointRange = readonly [least: number, most: number];

/**
 * How far joints go, in degrees, as a pose counts them.
 *
 * Source (from memory): American Academy of Orthopaedic Surgeons 1965 for hip 120/-30, knee 135, ankle 20/-50, shoulder
 * 180/-60, elbow 150, wrist 80/-70; Boone & Azen 1979 agree within a few degrees. Wider where a movement bears weight or the
 * body presses on a joint: the ankle 40 with the knee over the toes (Bennell et al. 1998), the hip 140 and the knee 155 folded up
 * on the floor (Hemmerich et al. 2006), the wrist -95 with the weight on the palm. The spine in one joint: Troke et al. 2005,
 * bending 60 and arching 30 at the loins, and what the chest adds (common practice, no published source).
 */
export const RANGE_OF_MOTION: Readonly<Record<View, Readonly<Record<Joint, JointRange>>>> = {
  side: {
    hip: [-30, 140],
    knee: [0, 155],
    ankle: [-50, 40],
    shoulder: [-60, 185],
    elbow: [0, 150],
    wrist: [-95, 80],
    spine: [-40, 70],
    neck: [-60, 50],
  },
  // Limbs that turn in their socket bend to either side of the picture.
  front: {
    hip: [-40, 90],
    knee: [-155, 155],
    ankle: [-50, 90],
    shoulder: [-130, 185],
    elbow: [-150, 150],
    wrist: [-80, 80],
    spine: [-40, 40],
    neck: [-45, 45],
  },
};

/**
 * The ranges by place among the numbers of a figure; its place and lean are free.
 *
 * @example limitsOf('side').most[AT.near.knee] // 155
 */
export function limitsOf(view: View): { readonly least: Float64Array; readonly most: Float64Array } {
  return LIMITS[view];
}

function limits(view: View) {
  const least = new Float64Array(FREEDOMS).fill(-Infinity);
  const most = new Float64Array(FREEDOMS).fill(Infinity);
  const set = (at: number, [low, high]: JointRange) => {
    least[at] = low;
    most[at] = high;
  };
  const ranges = RANGE_OF_MOTION[view];
  set(AT.spine, ranges.spine);
  set(AT.neck, ranges.neck);
  for (const side of SIDES) for (const joint of LIMB_JOINTS) set(AT[side][joint], ranges[joint]);
  return { least, most };
}
const LIMITS = { side: limits('side'), front: limits('front') };
