using BenchmarkDotNet.Running;
using FairCompass.Benchmarks;

BenchmarkSwitcher.FromAssembly(typeof(ExplainBenchmarks).Assembly).Run(args);
