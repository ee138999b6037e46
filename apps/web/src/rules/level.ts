/** How far a house rule reaches. */
export type RuleLevel = 'firm' | 'job' | 'surface';
