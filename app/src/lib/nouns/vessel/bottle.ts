/** A litre bottle of glass in a bowl of water follows it about so fast, s; a thermometer in the bottle decides. */
export const BOTTLE_FOLLOWS = 600;
/** A water bath is so much beyond what is wanted unless somebody says otherwise, °C. */
export const BATH_BEYOND = 10;
