package org.civitane.core.programme.valuationreview;

/** Classes of parcels. */
public enum ParcelClass {
    RESIDENTIAL,
    VACANT,
    FARM,
    COMMERCIAL
}
