/** Documents as JSON: reading and writing, patches with their inverses, and the steps from every version that was ever written to the present one. */
package knollwind.core.document;
