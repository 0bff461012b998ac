package org.civitane.server.demo;

/** An identity card of an invented person. @param wrongDigit whether a check digit of its zone is off */
record DemoCard(MadeDocument.Of of, boolean wrongDigit) {
    MadeDocument document() {
        MadeDocument card = MadeDocument.of("NATIONAL_ID", of);
        return wrongDigit ? card.withWrongDigit() : card;
    }
}
