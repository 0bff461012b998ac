package org.civitane.core.claim;

/** What people do to a claim; {@link ClaimState#allows} says in which states they may. */
public enum Act {
    /** A caseworker takes it, or hands it over. */
    TAKE,
    /** The agency changes what a decision rests on: facts, papers, waivers, questions to anybody. */
    ESTABLISH,
    /** The applicant adds to what a decision rests on: papers, answers, a request for more time. */
    ANSWER,
    DECIDE,
    /** Messages, ways to reach people, who they are; goes on after a decision until that is fulfilled. */
    CORRESPOND,
    /** A supervisor takes back what was made out on it, however long ago. */
    REVOKE,
    /** The applicant takes it back. */
    WITHDRAW
}
