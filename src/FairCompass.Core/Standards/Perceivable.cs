using System.Text.RegularExpressions;

namespace FairCompass.Core.Standards;

/// <summary>Something of a standard that a judge could not see, hear, or read.</summary>
/// <param name="Clause">The clause’s id.</param>
/// <param name="Field">The field that is at fault: <c>text</c>, <c>sign</c>, <c>faults</c>, <c>of.angleDegrees</c>.</param>
/// <param name="Sentence">What cannot be perceived.</param>
public sealed record Unseen(string Clause, string Field, string Sentence);

/// <summary>
/// Looks for what nobody can judge in half a second: words that every judge reads differently, what goes on inside the
/// athlete, limits finer than the eye, and rules that no sign belongs to. The limits are assumptions of ours, set by the
/// finest that the library itself asks for.
/// </summary>
public static partial class Perceivable
{
    /// <summary>The smallest angle, in degrees, that is told from none at a few steps’ distance.</summary>
    public const decimal LeastAngle = 10;

    /// <summary>The shortest hold, in milliseconds, that is told from none without a watch.</summary>
    public const long ShortestHold = 500;

    /// <summary>The smallest difference of height, in millimetres, that is seen without a mark.</summary>
    public const decimal LeastHeight = 20;

    [GeneratedRegex(
        @"\b(properly|proper|correctly|correct form|good form|full range|adequate(ly)?|sufficient(ly)?|enough|reasonabl[ye]"
            + @"|roughly|almost|nearly|about right|clean rep|nice(ly)?|well|appropriate(ly)?|controlled|under control)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Vague { get; }

    [GeneratedRegex(
        @"\b(tries|try|trying|intends?|intention|feels?|feeling|effort|hard|tension|tense|tight|braced?|breath(es?|ing)?|thinks?"
            + @"|wants?|comfortabl[ye]|focus(ed)?|engaged?|activates?)\b",
        RegexOptions.IgnoreCase
    )]
    private static partial Regex Inside { get; }

    /// <summary>False for a sign that is seen from the front by a judge whose post shows the profile only. A post in somebody’s own words
    /// is taken to show everything.</summary>
    /// <param name="judge">Where the judge stands.</param>
    /// <param name="fault">What is to be seen, heard, or read there.</param>
    public static bool FromPost(JudgeDuty judge, Fault fault) => Phrases.Judging.Sees(judge.Place, fault.By);

    /// <summary>Everything of a standard that cannot be perceived, in the order of its clauses.</summary>
    /// <param name="movement">The standard as it is in force.</param>
    public static IEnumerable<Unseen> Of(Movement movement) =>
        movement.Clauses.SelectMany(c => Of(c, movement.Faults.Where(f => f.Breaks == c.Id).ToList()));

    /// <summary>Everything of one clause that cannot be perceived.</summary>
    /// <param name="clause">The clause.</param>
    /// <param name="faults">What breaks it.</param>
    public static IEnumerable<Unseen> Of(Clause clause, IReadOnlyList<Fault> faults)
    {
        if (clause.Kind is ClauseKind.Tip or ClauseKind.Allowed)
        {
            yield break;
        }

        var judged = clause.Kind is ClauseKind.Required or ClauseKind.Forbidden && clause.Phase != Phase.SetUp;
        foreach (var (field, text) in faults.Select(f => ("sign", f.Sign.English)).Prepend(("text", clause.Text.English)))
        {
            // Before the clock there is time to look twice: “high enough to hang” is tried.
            if (clause.Phase != Phase.SetUp && Vague.Match(text) is { Success: true } vague)
            {
                yield return new(clause.Id, field, $"“{vague.Value}” is read differently by each judge: say what is seen.");
            }

            if (Inside.Match(text) is { Success: true } inside)
            {
                yield return new(clause.Id, field, $"“{inside.Value}” goes on inside the athlete: no judge sees or hears it.");
            }
        }

        // What a line of a draft or a ruling adds has no sign of its own: its sentence is the sign.
        if (judged && faults.Count == 0 && clause.From.By is Source.Library or Source.HouseRule)
        {
            yield return new(clause.Id, "faults", "No sign says when this is broken, so no judge can call it.");
        }

        if (judged && clause.Of is { } of)
        {
            if (of.AngleDegrees is { } angle && angle < LeastAngle)
            {
                yield return new(
                    clause.Id,
                    "of.angleDegrees",
                    $"{angle}° is finer than the eye: nobody sees less than about {LeastAngle}° from a few steps away."
                );
            }

            if (of.HoldMilliseconds is { } hold && hold < ShortestHold)
            {
                yield return new(
                    clause.Id,
                    "of.holdMilliseconds",
                    $"A hold of {hold} ms cannot be told from none: at least {ShortestHold} ms, or leave the time out."
                );
            }

            if (of.HeightMillimetres is { } height and > 0 && height < LeastHeight && faults.All(f => f.By != Perceived.Read))
            {
                yield return new(
                    clause.Id,
                    "of.heightMillimetres",
                    $"{height} mm is not seen without a mark: at least {LeastHeight} mm, or let it be read from one."
                );
            }
        }
    }
}
