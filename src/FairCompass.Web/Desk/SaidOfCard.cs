using System.Globalization;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Quantities;
using FairCompass.Core.Scoring;
using FairCompass.Outcomes.Desk;
using FairCompass.Planning.People;

namespace FairCompass.Web.Desk;

/// <summary>What holds of a card, for people to read and to type over.</summary>
/// <param name="Numbers">What holds of it.</param>
/// <param name="Course">The workout at the level that was done.</param>
/// <param name="Sheet">Its scores.</param>
internal sealed record SaidOfCard(CardNumbers Numbers, Course Course, ScoreSheet Sheet)
{
    /// <summary>The scores; empty while nothing holds.</summary>
    public IReadOnlyList<ComponentResult> Scores(MassUnit unit) =>
        Numbers.Run is { } run ? [.. Scorer.Score(run, Course, Sheet, unit)] : [];

    /// <summary>What holds, field by field.</summary>
    public IReadOnlyList<CardText> Holds =>
        Numbers.Run is { } run ? [.. LevelText(Numbers.Level), .. CardTexts.Said(run, Numbers.NoReps, Course, Sheet)] : [];

    /// <summary>What somebody else has typed, field by field, where it is not the same; empty otherwise.</summary>
    public IReadOnlyList<CardText> Other(Understanding u, Entry entry)
    {
        if (Numbers.Differs is not { } other)
        {
            return [];
        }

        var at = EntryCourse.IndexOf(u, entry, other.Level);
        return [.. LevelText(other.Level), .. CardTexts.Said(other.Run, other.NoReps, u.Courses[at], u.Sheets[at])];
    }

    /// <summary>What holds as it is typed; null while nothing does.</summary>
    public TypedCard? Typed
    {
        get
        {
            if (Numbers.Run is not { } run)
            {
                return null;
            }

            var typed = CardTexts.Typed(run, Course, Sheet);
            var tallies = Numbers.NoReps.Select(n => new TypedField(
                CardReader.NoRep + n.Movement,
                n.Times.ToString(CultureInfo.InvariantCulture)
            ));
            return typed with { Fields = [.. typed.Fields, .. tallies], Level = Numbers.Level };
        }
    }

    private static CardText[] LevelText(string level) => level.Length > 0 ? [new("level", "level", level)] : [];
}
