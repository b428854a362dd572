/** Words that are built by steps: sentences that say of what, and what they come to. */
package knollwind.core.wording;
