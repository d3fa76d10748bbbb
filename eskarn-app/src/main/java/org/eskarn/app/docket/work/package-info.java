/** The docket screen: the order of work, readings, zero, evidence. */
package org.eskarn.app.docket.work;
