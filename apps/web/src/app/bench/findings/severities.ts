/** How grave a finding is, the gravest first, with what it is called. */
export const SEVERITIES = [
  { severity: 'stop', name: $localize`Stop` },
  { severity: 'warn', name: $localize`Check` },
  { severity: 'note', name: $localize`Note` },
] as const;

export const TONES = {
  stop: 'border-lead bg-lead-wash text-lead',
  warn: 'border-ochre bg-ochre-wash text-ochre',
  note: 'border-edge bg-board text-ink',
} as const;
