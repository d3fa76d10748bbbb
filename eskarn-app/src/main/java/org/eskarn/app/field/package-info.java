/** Fields that are typed: described once, read, converted and shown alike in Tables and in corrections. */
package org.eskarn.app.field;
