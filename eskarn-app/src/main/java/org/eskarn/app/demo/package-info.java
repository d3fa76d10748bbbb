/** The demo's invented world, typed in and worked through the same services as by people. */
package org.eskarn.app.demo;
