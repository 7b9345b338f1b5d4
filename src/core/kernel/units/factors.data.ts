/** Exact conversion factors to SI. Source: international yard and pound agreement, 1959. */
export const METRES_PER_INCH = 0.0254;
export const METRES_PER_FOOT = 0.3048;
export const SQUARE_METRES_PER_SQUARE_FOOT = METRES_PER_FOOT ** 2;
export const KILOGRAMS_PER_POUND = 0.45359237;
export const KILOGRAMS_PER_OUNCE = KILOGRAMS_PER_POUND / 16;
/** US gallon: 231 cubic inches. */
/** A cubic foot, L. */
export const LITRES_PER_CUBIC_FOOT = 28.316846592;
export const LITRES_PER_GALLON = 231 * METRES_PER_INCH ** 3 * 1000;
export const WATTS_PER_BTU_HOUR = 1055.05585262 / 3600;
export const MILES_HOUR_PER_METRE_SECOND = 3600 / 1609.344;
