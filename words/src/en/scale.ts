/** Words on the screens: a scale on a cable. */
export const scale = {
  scale: {
    begin: 'From a scale',
    waiting: 'waiting for the scale',
    still: 'at rest',
    settling: 'settling',
    take: 'Take this weight',
    tare: 'Zero',
    stop: 'Not now',
    standIn: 'Stand-in for a scale, of the demo only: what lies on it',
    lost: 'The scale does not answer. {why}',
  },
};
