/** Opening dockets for one piece or many. */
package org.eskarn.app.docket.opening;
