/** Printed sentences in parts, and the controls that change a part. Every control carries the changes it makes. */
package knollwind.core.directions.controls;
