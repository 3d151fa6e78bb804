using FairCompass.Core.Briefing;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Core.Tests.Briefing;

namespace FairCompass.Core.Tests.Truth;

/// <summary>A small workout tried as a head judge would: papers, card, and score of the demo's competition as it ships.</summary>
internal sealed class Trial
{
    public const string ForTime = "\nscore: time\n  unfinished: cap line by reps\n  tie: shared\n";
    public const string ForReps = "\nscore: reps\n  tie: shared\n";
    public const string ForLoad = "\nscore: best load\n  tie: shared\n";
    public const string ForLoads = "\nscore: sum of best loads\n  tie: shared\n";

    private Trial(string text) => (Text, Read) = (text, Understanding.Of(FairCompass.Store.Demo.SaltmarshFerryGames.Competition, text));

    public string Text { get; }

    public Understanding Read { get; }

    /// <summary>Work for Tideline; the text has its own indentation.</summary>
    public static Trial Tideline(string work) => new("Draft\n  for Tideline\n  a/b is man/woman\n\n" + work);

    /// <summary>Work for Tideline and Meadow.</summary>
    public static Trial Both(string work) => new("Draft\n  for Tideline, Meadow\n  a/b is man/woman\n\n" + work);

    /// <summary>Work for pairs.</summary>
    public static Trial Pairs(string work) => new("Draft\n  for Ferry Pairs\n  a/b is man/woman\n\n" + work);

    /// <summary>Work for crews of four.</summary>
    public static Trial Crew(string work) => new("Draft\n  for Crew of Four\n  a/b is man/woman\n\n" + work);

    /// <summary>A whole text.</summary>
    public static Trial Of(string text) => new(text);

    public (Course Course, ScoreSheet Sheet) Entry(string division, string within)
    {
        var i = Read.IndexOf(division, within);
        Assert.True(i >= 0, $"{division} {within} is none of {string.Join(", ", Read.Courses.Select(c => c.Address))}");
        return (Read.Courses[i], Read.Sheets[i]);
    }

    /// <summary>The first entry.</summary>
    public (Course Course, ScoreSheet Sheet) First => (Read.Courses[0], Read.Sheets[0]);

    public string Paper(Audience audience, string? division = null) =>
        BriefText.Of(new BriefBuilder(Read, division, new(2026, 6, 6)).Build(audience));

    public static IReadOnlyList<FieldError> Objections((Course Course, ScoreSheet Sheet) of, PieceObservation seen) =>
        Card.Validate(Card.Resolve(new(EntryStatus.Ran, [seen]), of.Course), of.Course, of.Sheet);

    public ComponentResult Score(PieceObservation seen) => Score(First, seen);

    public static ComponentResult Score((Course Course, ScoreSheet Sheet) of, params PieceObservation[] seen)
    {
        var run = Card.Resolve(new(EntryStatus.Ran, seen.ToEq()), of.Course);
        Assert.Empty(Card.Validate(run, of.Course, of.Sheet));
        return Scorer.Score(run, of.Course, of.Sheet, MassUnit.Kilogram)[0];
    }

    /// <summary>The number in the box of the only piece.</summary>
    public static PieceObservation Counted(long number) => new("0") { Counted = number };
}
