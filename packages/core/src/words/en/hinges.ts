/** The built-in hinges. */
export const HINGES = {
  'hinge/cup-110-full': 'Concealed, 110°, full overlay',
  'hinge/cup-110-half': 'Concealed, 110°, half overlay',
  'hinge/cup-110-inset': 'Concealed, 110°, for doors set in',
  'hinge/cup-165-full': 'Concealed, 165°, full overlay',
  'hinge/cup-frame': 'Concealed, on a face frame',
  'hinge/butt': 'Butt',
  'hinge/piano': 'Continuous, the whole height',
};
