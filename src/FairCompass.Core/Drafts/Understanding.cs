using System.Collections.Concurrent;
using System.Runtime.CompilerServices;
using FairCompass.Core.Checks;
using FairCompass.Core.Competitions;
using FairCompass.Core.Courses;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Drafts;

/// <summary>A draft understood for a competition, with everything compiled; briefs and scores are made from it.</summary>
/// <param name="Read">What was read.</param>
/// <param name="Resolver">Resolves prescriptions.</param>
/// <param name="Courses">One for each address.</param>
/// <param name="Sheets">The scores, in the order of the courses.</param>
public sealed record Understanding(ReadDraft Read, Resolver Resolver, IReadOnlyList<Course> Courses, IReadOnlyList<ScoreSheet> Sheets)
{
    /// <summary>The competition.</summary>
    public Competition Competition => Read.Competition;

    /// <summary>The text.</summary>
    public string Text => Read.Text;

    /// <summary>What was read of it.</summary>
    public ParseResult Parsed => Read.Parsed;

    /// <summary>The model; without its work when the draft is too large, so that nothing is made of it anywhere.</summary>
    public Workout Workout { get; private init; } = Read.Workout;

    /// <summary>Every task for every column.</summary>
    public IReadOnlyList<PrescribedTask> Prescribed { get; } = PrescriptionTable.Of(Read.Workout, Resolver);

    /// <summary>What stands on the bars of each lane.</summary>
    public LaneBars Bars => LaneBars.Of(Prescribed, Competition, Workout, Courses);

    /// <summary>Why nothing was worked out of the draft: it is for too many, too often; null as a rule.</summary>
    public string? TooLarge { get; private init; }

    /// <summary>Reads and compiles a draft. One that is too large is read only: no columns, no entries, no courses.</summary>
    /// <param name="competition">Must have passed <see cref="CompetitionRules.Validate"/>.</param>
    /// <param name="text">Any text.</param>
    /// <param name="cancel">Ends the work between two entries.</param>
    public static Understanding Of(Competition competition, string text, CancellationToken cancel = default) =>
        Of(ReadDraft.Of(competition, text), cancel);

    /// <summary>Compiles a draft that was read.</summary>
    /// <inheritdoc cref="Of(Competition, string, CancellationToken)"/>
    public static Understanding Of(ReadDraft read, CancellationToken cancel = default)
    {
        var clocks = Clockwork.OfEach(read.Workout, read.Resolver);
        if (DraftWeight.Of(read.Workout, read.Resolver, clocks).Objection is { } objection)
        {
            return new(read, new Resolver(read.Competition, read.Workout, forNobody: true), [], [])
            {
                TooLarge = objection,
                Workout = read.Workout with { Stages = [], Scores = [] },
            };
        }

        var courses = Course.CompileAll(read.Resolver, clocks, cancel);
        return new(read, read.Resolver, courses, courses.Select(c => ScoreSheet.Of(read.Workout, c)).ToList());
    }

    /// <summary>The index of the course of an entry, or -1.</summary>
    /// <param name="division">The division.</param>
    /// <param name="duty">What tells the entry from others of its division: <c>woman</c>, <c>pair</c>, <c>man, Hand Bell</c>.</param>
    public int IndexOf(string division, string duty)
    {
        for (var i = 0; i < Courses.Count; i++)
        {
            if (
                string.Equals(Courses[i].Address.Division.Name, division, StringComparison.OrdinalIgnoreCase)
                && Courses[i].Address.Within == duty
            )
            {
                return i;
            }
        }

        return -1;
    }

    // Several papers show the same runs, and working them out is the dearest part of a paper.
    private readonly ConcurrentDictionary<(int Entry, Tongue Tongue), Eq<SampleResult>> samples = new();

    /// <summary>The made-up runs of an entry, scored; worked out once.</summary>
    /// <param name="entry">The index of its course.</param>
    /// <param name="tongue">The language of labels and results.</param>
    public Eq<SampleResult> Samples(int entry, Tongue tongue) =>
        samples.GetOrAdd((entry, tongue), at => SampleRuns.Of(Courses[at.Entry], Sheets[at.Entry], Competition, at.Tongue));

    // Each paper says how much must be settled, and a draft that is understood does not change.
    private StrongBox<Eq<Finding>>? findings;

    /// <summary>Everything missing or contradictory; looked for once.</summary>
    /// <param name="cancel">Ends the work between two checks.</param>
    public Eq<Finding> Findings(CancellationToken cancel = default) => (findings ??= new(Found(cancel))).Value;

    private Eq<Finding> Found(CancellationToken cancel) =>
        CheckList.Run(
            new CheckContext(Competition, Workout, Resolver, Prescribed, Courses, Sheets, Text.Split('\n'))
            {
                TooLarge = TooLarge,
                Unset = Parsed.Unset,
                Holes = [.. Parsed.Problems.Select(p => p.At.Line)],
            },
            Parsed.Problems,
            cancel
        );
}
