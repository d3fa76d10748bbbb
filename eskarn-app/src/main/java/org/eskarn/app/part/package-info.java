/** Parts, their features and requirements, set-up sheets, offsets. */
package org.eskarn.app.part;
