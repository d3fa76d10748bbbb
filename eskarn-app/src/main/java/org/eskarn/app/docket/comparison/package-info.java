/** As found beside as left, one docket beside another, inspectors beside each other. */
package org.eskarn.app.docket.comparison;
