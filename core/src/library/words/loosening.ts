import type { CoachingWords } from '../../model';

export const looseningWords: CoachingWords = {
  'step-touch': {
    cues: ['Step to the side, touch', 'Arms swing easily', 'Grow the steps'],
    watch: { 'stiff knees': 'softer', 'looks down': 'eyes ahead' },
    breathing: 'Breathe easily.',
  },
  'arm-swings': {
    cues: ['Arms wide, then hug yourself', 'Let them swing', 'Change which is on top'],
    watch: { 'shoulders shrug': 'lower', 'pinches in front': 'less far back' },
    breathing: 'Breathe easily.',
  },
  'spider-lunge': {
    cues: ['High plank', 'One foot steps outside its hand', 'Sink the hips, change'],
    watch: { 'foot does not reach': 'help it with the hand', 'wrists ache': 'hands on a step' },
    breathing: 'Breathe easily.',
  },
  'hip-switch': {
    cues: ['Sit with both knees bent to one side', 'Windscreen-wipe them to the other', 'Hands behind help'],
    watch: { 'knees hurt': 'smaller, or lying', 'leans far back': 'hands closer' },
    breathing: 'Breathe easily.',
  },
  'cat-cow': {
    cues: ['On hands and knees', 'Round the whole back, then let it hollow', 'With the breath'],
    watch: { 'only the neck moves': 'start from the tail', 'wrists ache': 'fists or forearms' },
    breathing: 'Out as you round, in as you hollow.',
  },
  'thread-the-needle': {
    cues: ['On hands and knees', 'One arm slides under, shoulder to the floor', 'Open it to the ceiling'],
    watch: { 'hips sway': 'sit back a little', 'shoulder pinches': 'less far' },
    breathing: 'Breathe easily.',
  },
  'open-book': {
    cues: ['Lie on the side, knees bent', 'Top arm opens like a page', 'Knees stay together'],
    watch: { 'knees part': 'a cushion between', 'shoulder pinches': 'elbow bent' },
    breathing: 'Breathe easily.',
  },
  'lunge-and-turn': {
    cues: ['Long step, back heel up', 'Turn the chest to the front knee', 'Stand and change'],
    watch: { wobbles: 'a hand on a chair', 'back knee drops': 'shorter step' },
    breathing: 'Breathe easily.',
  },
  'ankle-rocks': {
    cues: ['Toes a hand from the wall', 'Knee to the wall, heel down', 'In and out slowly'],
    watch: { 'heel lifts': 'closer', 'the foot rolls in': 'knee over the little toe' },
    breathing: 'Breathe easily.',
  },
  'gate-opener': {
    cues: ['Knee up, open it to the side, step down', 'Then close the other', 'Stand tall'],
    watch: { 'leans back': 'lower knee', wobbles: 'a finger on the wall' },
    breathing: 'Breathe easily.',
  },
  'ankle-pumps': {
    cues: ['Sit, heels down, lift the toes', 'Then lift the heels', 'Loose and quick'],
    watch: { cramps: 'slower', 'only one foot moves': 'look at them' },
    breathing: 'Breathe easily.',
  },
  'trunk-circles': {
    cues: ['Hands on the hips, knees soft', 'Circle the ribs slowly', 'Then the other way'],
    watch: { dizzy: 'smaller, eyes on one point', 'back pinches': 'skip the backward part' },
    breathing: 'Breathe easily.',
  },
  'childs-pose': {
    cues: ['Sit back on the heels, arms long', 'Forehead on the floor or the hands', 'Breathe into the back'],
    watch: { 'knees hurt': 'a cushion between heels and seat', 'head swims': 'forehead on stacked fists' },
    breathing: 'Breathe easily.',
  },
  'lying-figure-four': {
    cues: ['On the back, ankle on the other knee', 'Draw that thigh in', 'Head down'],
    watch: { 'knee hurts': 'ankle lower on the thigh', 'back lifts': 'less far' },
    breathing: 'Breathe easily.',
  },
  'pigeon-stretch': {
    cues: [
      'One shin in front, the other leg long behind',
      'Hips level, a cushion under the seat',
      'Lean on the hands',
    ],
    watch: { 'knee hurts': 'lie down, figure four instead', 'tips to one side': 'a thicker cushion' },
    breathing: 'Breathe easily.',
  },
  'butterfly-stretch': {
    cues: ['Sit tall, soles together', 'Knees sink by themselves', 'Hands on the ankles'],
    watch: { 'back rounds': 'sit on a cushion', bounces: 'hold still and breathe' },
    breathing: 'Breathe easily.',
  },
  'downward-stretch': {
    cues: ['Hands and feet down, hips high', 'Push the floor away', 'Knees as soft as they need'],
    watch: { 'back rounds': 'bend the knees', 'head swims': 'hands on a chair instead' },
    breathing: 'Breathe easily.',
  },
  'neck-tilt': {
    cues: ['Sit or stand tall', 'Ear to the shoulder, the other arm long', 'No pulling'],
    watch: { 'the shoulder lifts': 'hold the seat', tingles: 'stop, less far' },
    breathing: 'Breathe easily.',
  },
  'knee-to-chest': {
    cues: ['On the back, draw one or both knees in', 'Low back wide', 'Shoulders down'],
    watch: { 'knee hurts': 'hold behind the thigh', 'neck lifts': 'a cushion' },
    breathing: 'Breathe easily.',
  },
  'lying-trunk-twist': {
    cues: ['On the back, knees to one side', 'Both shoulders heavy', 'Breathe, change'],
    watch: { 'shoulder lifts': 'knees less far', 'back pinches': 'a cushion under the knees' },
    breathing: 'Breathe easily.',
  },
  'lying-hamstring-stretch': {
    cues: ['On the back, a towel round one foot', 'Leg up as straight as it is easy', 'Other knee bent'],
    watch: { 'back lifts': 'lower', tingles: 'bend the knee' },
    breathing: 'Breathe easily.',
  },
  'lat-stretch': {
    cues: ['Hands on the counter, walk back', 'Sink the chest between the arms', 'Knees soft'],
    watch: { 'shoulders pinch': 'hands wider, chest higher', 'back rounds': 'bend the knees' },
    breathing: 'Breathe easily.',
  },
  'half-kneeling-hip-stretch': {
    cues: ['One knee down on a cushion', 'Squeeze that side’s seat', 'Glide forward a little'],
    watch: { 'back arches': 'tuck the tail', 'knee hurts': 'standing instead' },
    breathing: 'Breathe easily.',
  },
  'forward-bend': {
    cues: ['Knees soft, roll down', 'Hang, head heavy', 'Roll up slowly'],
    watch: { 'head swims': 'hands on a chair', 'back pulls': 'bend the knees more' },
    breathing: 'Breathe easily.',
  },
  'side-lying-quad-stretch': {
    cues: ['On the side, hold the top foot', 'Knee back, seat tucked under', 'Knees together'],
    watch: { 'back arches': 'squeeze the seat', cramps: 'a towel round the foot' },
    breathing: 'Breathe easily.',
  },
  'deep-squat-rest': {
    cues: ['Sink as low as the heels stay down', 'Hold on to a post', 'Elbows open the knees'],
    watch: { 'heels lift': 'a book under them', 'falls back': 'hold on' },
    breathing: 'Breathe easily.',
  },
  'frog-stretch': {
    cues: ['On forearms and knees, knees wide', 'Hips sink back', 'Breathe low'],
    watch: { 'knees hurt': 'cushions under them', 'back sags': 'belly in' },
    breathing: 'Breathe easily.',
  },
  'lying-back-press': {
    cues: ['On the front, on the forearms or hands', 'Hips stay heavy', 'Long neck'],
    watch: { 'back pinches': 'stay on the forearms', 'shoulders shrug': 'push down' },
    breathing: 'Breathe easily.',
  },
  'shin-stretch': {
    cues: ['Sit, one foot behind on its laces', 'Press the laces down', 'Change'],
    watch: { cramps: 'shorter', 'knee hurts': 'foot nearer' },
    breathing: 'Breathe easily.',
  },
};
