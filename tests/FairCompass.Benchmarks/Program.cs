using System.Globalization;
using BenchmarkDotNet.Running;
using FairCompass.Benchmarks;

if (args is ["search"])
{
    PlanBenchmarks.Search();
    return;
}

if (args is ["power", var days])
{
    PowerOfDays.Print(int.Parse(days, CultureInfo.InvariantCulture));
    return;
}

BenchmarkSwitcher.FromAssembly(typeof(ExplainBenchmarks).Assembly).Run(args);
