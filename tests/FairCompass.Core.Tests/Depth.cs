using FairCompass.Core.Tests.Notation;

namespace FairCompass.Core.Tests;

/// <summary>How far a test goes: <c>./test</c> has a quarter of an hour on two slow processors, <c>./test --long</c> has all night. The
/// code is the same, the counts are not.</summary>
public static class Depth
{
    /// <summary>True for the long run.</summary>
    public static bool IsLong { get; } = Environment.GetEnvironmentVariable("LONG") is not null;

    /// <summary>How often.</summary>
    public static int Times(int shortly, int atLength) => IsLong ? atLength : shortly;

    /// <summary>Every so many of the demo workouts, all of them in the long run. Tests beside each other begin at different ones, so that
    /// together they walk through all.</summary>
    /// <param name="every">2 for half of them.</param>
    /// <param name="from">With which to begin, from 0.</param>
    public static IEnumerable<string> Demos(int every, int from) =>
        DraftTexts.DemoNames.Where((_, i) => IsLong || i % every == from % every);

    /// <summary>The same as rows of a theory.</summary>
    public static TheoryData<string> DemoRows(int every, int from) => new(Demos(every, from));
}
