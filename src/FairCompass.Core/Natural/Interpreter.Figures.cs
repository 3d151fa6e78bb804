using FairCompass.Core.Courses;
using FairCompass.Core.Notation;
using FairCompass.Core.Quantities;

namespace FairCompass.Core.Natural;

internal sealed partial class Interpreter
{
    private readonly List<OpenQuestion> questions = [];

    /// <summary>True where a pair of a draft has the women first.</summary>
    private bool DeclaredWomanFirst =>
        DraftHasWomanFirst ?? (competition.Divisions.FirstOrDefault(d => d.Duties.Count > 1) is { } d && d.Duties[0] == "woman");

    /// <summary>Both sides of a figure as a draft writes them; <c>unset</c> where they are in the order that nobody meant.</summary>
    private (string Man, string Woman) Sides(Figure f)
    {
        var first = f.Side(f.First);
        if (!f.IsPair)
        {
            return (first, first);
        }

        var second = f.Side(f.Second);
        return womanFirst ?? DeclaredWomanFirst ? (second, first) : (first, second);
    }

    private string PairOf(string man, string woman) =>
        man == woman ? man
        : DeclaredWomanFirst ? $"{woman}/{man}"
        : $"{man}/{woman}";

    private string PairOf(Figure f) => Sides(f) is var (man, woman) ? PairOf(man, woman) : "";

    private void Ask(SourceRange at, string about, string sentence, params ReadOnlySpan<QuestionOption> options) =>
        questions.Add(new(new(at.Line, at.Column, at.Length, about), sentence, [.. options]));

    private static QuestionOption Option(string label, string means, SourceRange at, string text) =>
        new(label, means, new TextEdit(at.Line, at.Column, at.Length, text));

    /// <summary>True where the text states a total.</summary>
    public bool HasTotals => totals.Count > 0;

    /// <summary>Holds the totals that the text states against what its tasks add up to.</summary>
    /// <param name="courses">The courses of the draft.</param>
    public void CheckTotals(IReadOnlyList<Course> courses)
    {
        foreach (var (stated, at) in totals)
        {
            var sums = courses
                .Select(c => (c.Address, Sum: c.Pieces.Sum(p => p.Running?.Counter.AllCounted ?? 0)))
                .Where(x => x.Sum > 0)
                .ToList();
            if (sums.Count == 0 || sums.Exists(x => x.Sum == stated))
            {
                continue;
            }

            var all = Core.Text.Words.Join(sums.GroupBy(x => x.Sum).Select(g => $"{g.Key} ({g.First().Address})"));
            Ask(
                at,
                "total",
                $"The text says {Number.Normal(stated)} reps; its tasks add up to {all}. Which is right?",
                Option($"{sums[0].Sum}", "The tasks stand as they are.", at, $"{sums[0].Sum} reps")
            );
        }
    }

    private string TextAt(SourceRange at) => lines[at.Line - 1].Substring(at.Column - 1, at.Length);

    /// <summary>True where the larger number stands where the women’s does, and no word of the text says so.</summary>
    private bool IsAgainstOrder(Figure f) =>
        f is { IsPair: true, First.Count: 1, Second.Count: 1 }
        && womanFirst is null
        && f.First[0] != f.Second[0]
        && competition.Divisions.Any(d => d.Duties.Count > 1)
        && (DeclaredWomanFirst ? f.First[0] > f.Second[0] : f.First[0] < f.Second[0]);

    /// <summary>A figure of a pair in an order that the competition does not have: it is asked, and neither is taken.</summary>
    private bool AskOrder(Value v)
    {
        if (v.Figure is not { } f || !IsAgainstOrder(f) || v.For.Woman is not null)
        {
            return false;
        }

        var (a, b) = (Number.Normal(f.First[0]), Number.Normal(f.Second[0]));
        var said = TextAt(v.At);
        var swapped = System.Text.RegularExpressions.Regex.Replace(said, @"[\d.,]+(\s*/\s*)[\d.,]+", m => $"{b}{m.Groups[1].Value}{a}");
        Ask(
            v.At,
            "order",
            $"“{said}”: the first number is the {(DeclaredWomanFirst ? "woman" : "man")}’s in this competition. Is that meant here?",
            Option($"{b}/{a}", "The numbers were changed over.", v.At, swapped)
        );
        return true;
    }

    /// <summary>Loads in pounds that lifters know by heart, from 65 on: what a bar of 45 lb makes with plates of 10, 25, 35 and 45 (common
    /// practice). In a competition of kilograms such a pair without a unit is asked.</summary>
    private static readonly decimal[] UsualPounds =
    [
        35,
        45,
        55,
        65,
        75,
        85,
        95,
        105,
        115,
        125,
        135,
        145,
        155,
        165,
        185,
        205,
        225,
        245,
        275,
        315,
        365,
        405,
    ];

    private bool LooksLikePounds(Figure f)
    {
        var all = f.First.Concat(f.Second).ToList();
        return competition.Unit == MassUnit.Kilogram
            && f.Times == 1
            && all.Max() >= 65
            && all.TrueForAll(UsualPounds.Contains)
            && all.Exists(n => n % 10 != 0);
    }

    private bool LooksLikeKilograms(Figure f) => competition.Unit != MassUnit.Kilogram && f.First.Concat(f.Second).Any(n => n % 5 != 0);

    /// <summary>The unit of a load without one: that of the competition, unless the numbers are usual ones of the other.</summary>
    private string? UnitOf(Value v)
    {
        var f = v.Figure!;
        if (f.Unit.Length > 0)
        {
            return f.Unit;
        }

        if (!LooksLikePounds(f) && !LooksLikeKilograms(f))
        {
            return competition.Unit.Symbol();
        }

        var said = TextAt(v.At);
        var other = competition.Unit == MassUnit.Kilogram ? "pounds" : "kilograms";
        Ask(
            v.At,
            "unit",
            $"“{said}” has no unit, and the numbers are usual ones in {other}. Which unit?",
            Option("kg", $"{said} kg", v.At, said + " kg"),
            Option("lb", $"{said} lb", v.At, said + " lb")
        );
        return null;
    }
}
