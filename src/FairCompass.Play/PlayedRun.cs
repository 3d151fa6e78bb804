using FairCompass.Core.Observing;
using FairCompass.Core.Playing;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;

namespace FairCompass.Play;

/// <summary>A made-up run.</summary>
/// <param name="Seed">From which it comes; the same seed gives the same run.</param>
/// <param name="Events">What happened, in order.</param>
/// <param name="End">How the lane stood in the end.</param>
public sealed record PlayedRun(ulong Seed, IReadOnlyList<Happening> Events, PlayedCourse End)
{
    /// <summary>What would have been seen of it.</summary>
    public IReadOnlyList<Observed> Facts => PlayedFacts.Of(End, Events);

    /// <summary>What its facts say of it.</summary>
    /// <param name="plain">The course without options taken.</param>
    public CardReading Reading(Core.Courses.Course plain) => Folding.Of(Facts, plain, End.Sheet);

    /// <summary>Its scores.</summary>
    /// <param name="plain">The course without options taken.</param>
    /// <param name="unit">The unit of lifted loads.</param>
    public Eq<ComponentResult> Score(Core.Courses.Course plain, MassUnit unit) =>
        Scorer.Score(PlayedFacts.Observation(End), plain, End.Sheet, unit);
}
