using System.Globalization;
using FairCompass.Core.Drafts;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Publishing;

/// <summary>A ruling that was made: the newest published text and the draft, each with its line and nothing else changed.</summary>
/// <param name="Number">Its number.</param>
/// <param name="Document">What is published.</param>
/// <param name="Draft">The draft.</param>
public sealed record MadeRuling(int Number, PublishedDocument Document, string Draft);

/// <summary>
/// Rulings: a clause that holds from now on, as a line of the text. It changes the newest published text, so that unfinished
/// work on the draft is not published with it; the same line goes into the draft, or a later correction would take it back.
/// </summary>
public static class Rulings
{
    /// <summary>Characters of a ruling: one sentence, as of every clause.</summary>
    public const int Longest = 240;

    private const string Prefix = "ruling-";

    /// <summary>The highest number among the rulings of a workout; 0 when it has none. An author may have named a clause alike.</summary>
    public static int Highest(Workout workout) => workout.Policies.OfType<Policy.ClauseOf>().Select(NumberOf).DefaultIfEmpty(0).Max();

    /// <summary>The rulings of a workout in order, as their lines say them.</summary>
    public static IReadOnlyList<Policy.ClauseOf> Of(Workout workout) =>
        [.. workout.Policies.OfType<Policy.ClauseOf>().Where(p => NumberOf(p) > 0).OrderBy(NumberOf)];

    private static int NumberOf(Policy.ClauseOf policy) =>
        policy.Clause.StartsWith(Prefix, StringComparison.Ordinal)
        && int.TryParse(policy.Clause[Prefix.Length..], NumberStyles.None, CultureInfo.InvariantCulture, out var n)
        && n is > 0 and < 1_000_000
            ? n
            : 0;

    /// <summary>Why the words cannot be a ruling; null when they can.</summary>
    public static FieldError? Objection(string text) =>
        text.Trim().Length is 0 or > Longest
        || text.Any(c => c is '\n' or '(' or ')' || Characters.IsForbidden(c))
        || text.Contains("//", StringComparison.Ordinal)
            ? new("ruling.text", $"A ruling is one sentence of at most {Longest} characters, without brackets or “//”.")
            : null;

    /// <summary>Makes a ruling.</summary>
    /// <param name="newest">The newest published version.</param>
    /// <param name="draft">The draft as it stands.</param>
    /// <param name="movement">The movement’s name, one of the workout’s.</param>
    /// <param name="text">The wording.</param>
    /// <param name="least">The least number it may have: one more than any that was given on this workout.</param>
    /// <param name="day">The day it is made.</param>
    /// <returns>The ruling, or the field that is in its way.</returns>
    public static Answer<MadeRuling> Make(PublishedDocument newest, string draft, string movement, string text, int least, DateOnly day)
    {
        if (Objection(text) is { } objection)
        {
            return objection;
        }

        var published = newest.Understand().Parsed.Workout;
        if (WorkoutWords.Movements(published).All(m => !string.Equals(m.Name, movement, StringComparison.OrdinalIgnoreCase)))
        {
            return new FieldError("ruling.movement", $"This workout has no {movement}.");
        }

        var number = Math.Max(least, Math.Max(Highest(published), Highest(Parser.Parse(draft).Workout)) + 1);
        var line = $"standard {movement}, {Prefix}{number}: {text.Trim()} (ruling {number}, {day:yyyy-MM-dd})";
        if ((DraftText.NoRoom(newest.Text, line) ?? DraftText.NoRoom(draft, line)) is { } full)
        {
            return new FieldError("ruling.text", full);
        }

        var made = new MadeRuling(number, WithLine(newest, line), DraftText.Append(draft, line));
        // A line that is not read as the ruling it is would be published as nothing.
        return Highest(made.Document.Understand().Parsed.Workout) == number
            ? made
            : new FieldError("ruling.text", "A draft cannot say this; write it in other words.");
    }

    /// <summary>The standards stand as they were published; the text and what it means have one line more.</summary>
    private static PublishedDocument WithLine(PublishedDocument newest, string line)
    {
        var text = DraftText.Append(newest.Understand().Text, line);
        return newest with { Text = text, Definition = newest.Definition is null ? null : Parser.Parse(text).Workout };
    }
}
