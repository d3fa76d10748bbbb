/** The durable commit, and statements made from records. */
package org.eskarn.app.storage;
