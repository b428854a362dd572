/** What keeps documents readable for years: the steps from every version that was ever written to the present one. */
package knollwind.core.document;
