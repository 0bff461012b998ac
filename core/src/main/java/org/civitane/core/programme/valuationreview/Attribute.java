package org.civitane.core.programme.valuationreview;

/** What a parcel is compared by, in the order of the chapter. */
enum Attribute {
    FLOOR_AREA("floorArea"),
    LOT_AREA("lotArea"),
    YEAR_BUILT("yearBuilt"),
    CONDITION("condition"),
    BATHROOMS("bathrooms"),
    GARAGE_SPACES("garageSpaces");

    private final String field;

    Attribute(String field) {
        this.field = field;
    }

    /** Its name in case files and results. */
    String field() {
        return field;
    }
}
