/** How fast the computing is, measured with JMH. Open {@link app.avrel.bench.FormBenchmark} first. */
package app.avrel.bench;
