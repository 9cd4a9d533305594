import type { CoachingWords } from '../../model';

export const trunkWorkWords: CoachingWords = {
  'reverse-crunch': {
    cues: ['Knees over the hips', 'Curl the pelvis off the floor', 'Roll down slowly'],
    watch: { 'swings the legs': 'smaller', 'back arches coming down': 'knees nearer' },
    breathing: 'Out as you curl.',
  },
  'star-crunch': {
    cues: ['Lie long and wide', 'Tuck to a ball', 'Open slowly, back heavy'],
    watch: { 'low back lifts': 'tuck only half open', 'neck pulls': 'one hand behind the head' },
    breathing: 'Out as you tuck.',
  },
  'knee-clap': {
    cues: ['Lean back, long chest', 'One knee up, clap under it', 'Change legs'],
    watch: { 'back rounds': 'lean back less, foot down', 'holds the breath': 'count the claps' },
    breathing: 'Out on the clap.',
  },
  'seated-twist': {
    cues: [
      'Lean back with a long chest, heels down',
      'Turn the chest, not only the arms',
      'Slowly to the other side',
    ],
    watch: { 'back rounds': 'lean back less', 'only the arms move': 'hands on the breastbone' },
    breathing: 'Out as you turn.',
  },
  'standing-side-crunch': {
    cues: ['Hand behind the ear', 'Knee and elbow meet at the side', 'Stand tall between'],
    watch: { 'leans forward': 'back to a wall', wobbles: 'other hand on a chair' },
    breathing: 'Out as they meet.',
  },
  'standing-cross-crunch': {
    cues: ['Hands behind the ears', 'Knee to the opposite elbow', 'Stand tall between'],
    watch: { 'rounds down to the knee': 'lift the knee to you', wobbles: 'slower, or a hand on a chair' },
    breathing: 'Out as they meet.',
  },
  'heel-reach': {
    cues: ['Curl up a little and stay', 'Reach one hand to its heel, then the other', 'Neck long'],
    watch: { 'neck tires': 'one hand behind the head', 'lies down between': 'fewer, higher' },
    breathing: 'Keep breathing; count aloud.',
  },
  'toe-reach': {
    cues: ['Legs up, knees soft', 'Curl and reach for the toes', 'Down slowly'],
    watch: { jerks: 'slower', 'low back lifts': 'knees bent' },
    breathing: 'Out as you reach.',
  },
  'side-bend': {
    cues: ['Stand tall, one hand loaded', 'Slide it down the side of the leg', 'Come up with the other side'],
    watch: { 'leans forward': 'back to a wall', 'goes too far': 'stop above the knee' },
    breathing: 'Out on the way up.',
  },
  'dead-bug-arms': {
    cues: ['Knees over the hips, arms up', 'One arm sinks overhead', 'Low back stays heavy'],
    watch: { 'ribs flare': 'stop sooner', 'holds the breath': 'long breath out' },
    breathing: 'Out as the arm sinks.',
  },
  'dead-bug': {
    cues: ['Opposite arm and leg sink together', 'Only as far as the back stays down', 'Slowly back, change'],
    watch: { 'low back lifts': 'heel taps instead', hurries: 'three counts each way' },
    breathing: 'Out as they sink.',
  },
  'dead-bug-long': {
    cues: ['Both legs long to the ceiling', 'Opposite arm and leg sink', 'Back heavy all the way'],
    watch: { 'low back lifts': 'bend the knees', 'hips rock': 'smaller' },
    breathing: 'Out as they sink.',
  },
  'flutter-kick': {
    cues: ['Hands under the seat', 'Long legs, small quick kicks', 'Higher if the back lifts'],
    watch: { 'low back lifts': 'legs higher', 'neck tires': 'head down' },
    breathing: 'Keep breathing; count aloud.',
  },
  'lying-leg-circle': {
    cues: ['One leg to the ceiling', 'Circles the size of a plate', 'Hips quiet'],
    watch: { 'hips rock': 'smaller circles', 'hamstring pulls': 'bend the knee' },
    breathing: 'Breathe easily.',
  },
  'tabletop-hold': {
    cues: ['Knees over the hips, shins level', 'Low back heavy', 'Breathe low'],
    watch: { 'back lifts': 'knees nearer', 'holds the breath': 'count aloud' },
    breathing: 'Keep breathing; count aloud.',
  },
  'v-sit': {
    cues: ['Balance behind the sit bones', 'Long legs and long chest make a V', 'Arms forward'],
    watch: { 'back rounds': 'bend the knees', 'holds the breath': 'count aloud' },
    breathing: 'Keep breathing; count aloud.',
  },
  'bent-v-sit': {
    cues: ['Lean back, shins level', 'Long chest', 'Hands beside the knees'],
    watch: { 'back rounds': 'toes on the floor', 'holds the breath': 'count aloud' },
    breathing: 'Keep breathing; count aloud.',
  },
  'hanging-frog-raise': {
    cues: ['Up with the knees bent', 'Straighten the legs at the top', 'Lower them long and slow'],
    watch: { swings: 'pause at the bottom', 'drops the legs': 'bend again half-way' },
    breathing: 'Out on the way up.',
  },
  'hanging-pike': {
    cues: ['Long legs rise to the bar', 'Curl the pelvis at the top', 'Lower without a swing'],
    watch: { swings: 'one at a time, still between', 'knees bend': 'frog raise instead' },
    breathing: 'Out on the way up.',
  },
  'seated-chop': {
    cues: [
      'Sit tall, both feet down',
      'From one hip across to the other shoulder',
      'Chest and hands move together',
    ],
    watch: { 'only the arms move': 'hold it at the chest', 'leans back': 'lighter' },
    breathing: 'Out as you lift.',
  },
  woodchop: {
    cues: [
      'From above one shoulder across to the other knee',
      'Feet and hips turn along',
      'Control it at the end',
    ],
    watch: { 'back rounds': 'bend the knees more', 'yanks with the arms': 'lighter' },
    breathing: 'Out as you chop.',
  },
  'low-chop': {
    cues: ['From beside one knee up across the body', 'Stand up into it', 'Turn on the back foot'],
    watch: { 'back rounds': 'start higher', 'arches at the top': 'stop at eye height' },
    breathing: 'Out as you lift.',
  },
  'band-rotation': {
    cues: ['Side to the anchor, arms long', 'Turn the chest away, hips along', 'Come back slowly'],
    watch: { 'arms bend': 'thinner band', 'knees stay behind': 'let the back foot turn' },
    breathing: 'Out as you turn.',
  },
  'prone-chest-lift': {
    cues: [
      'Hands by the ears or along the body',
      'Lift the breastbone a hand’s breadth',
      'Look at the floor',
    ],
    watch: { 'neck cranes': 'towel under the brow', 'feet lift': 'press them down' },
    breathing: 'Out on the way up.',
  },
  'alternating-superman': {
    cues: ['Opposite arm and leg lift, long', 'Hips stay heavy', 'Change without hurry'],
    watch: { rolls: 'lift less high', 'neck cranes': 'look down' },
    breathing: 'Out on the way up.',
  },
  superman: {
    cues: ['Arms and legs long', 'All four lift a hand’s breadth', 'Lower together'],
    watch: { 'low back pinches': 'arms by the sides, legs down', 'neck cranes': 'look down' },
    breathing: 'Out on the way up.',
  },
  'reverse-snow-angel': {
    cues: [
      'Arms hover, from the hips to overhead',
      'As wide as they go without touching down',
      'Back the same way',
    ],
    watch: { 'shoulders pinch': 'stop at shoulder height', 'low back pinches': 'a cushion under the belly' },
    breathing: 'Breathe easily.',
  },
  'marching-carry': {
    cues: ['Stand tall, one in each hand', 'March on the spot, knees low', 'Shoulders level'],
    watch: { leans: 'lighter', shrugs: 'long neck' },
    breathing: 'Breathe easily.',
  },
  'farmers-carry': {
    cues: ['Stand tall, one in each hand', 'Short quiet steps', 'Look ahead, shoulders low'],
    watch: { sways: 'lighter, shorter steps', shrugs: 'long neck' },
    breathing: 'Breathe easily.',
  },
  'front-carry': {
    cues: ['Hug it to the breastbone', 'Ribs down, stand tall', 'Short quiet steps'],
    watch: { 'leans back': 'lighter', 'holds the breath': 'talk while you walk' },
    breathing: 'Breathe easily.',
  },
  'suitcase-carry': {
    cues: ['One hand loaded, stand as if both were', 'Short quiet steps', 'Change hands at the turn'],
    watch: { 'leans to either side': 'lighter', 'hip sways': 'slower' },
    breathing: 'Breathe easily.',
  },
  'overhead-carry': {
    cues: ['One arm long beside the ear', 'Ribs down', 'Short quiet steps'],
    watch: { 'elbow bends': 'lighter', 'back arches': 'stop, put it down' },
    breathing: 'Breathe easily.',
  },
};
