/** How long a touch-up takes on the spot, masking and brush included: minutes, by its size in m². Source: practice. */
export const mendMinutes = (sizeM2: number): number => Math.round((20 + 45 * Math.sqrt(sizeM2)) / 5) * 5;
