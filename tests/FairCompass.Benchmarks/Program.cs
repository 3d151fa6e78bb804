using BenchmarkDotNet.Running;
using FairCompass.Benchmarks;

if (args is ["search"])
{
    PlanBenchmarks.Search();
    return;
}

BenchmarkSwitcher.FromAssembly(typeof(ExplainBenchmarks).Assembly).Run(args);
