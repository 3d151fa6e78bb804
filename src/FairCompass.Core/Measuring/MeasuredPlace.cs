using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Measuring;

/// <summary>
/// A line, target, bar, or ring that hangs from the body of each athlete: a mark is read, and the place lies a stated
/// amount above or below it.
/// </summary>
/// <param name="Key">Names the place within the workout: movement, what is set, amount, and side.</param>
/// <param name="Movement">The movement’s id.</param>
/// <param name="Name">The movement’s name.</param>
/// <param name="Marked">What is marked and read: <c>wrists, reach against the wall</c>.</param>
/// <param name="Sets">What is set from it: <c>line</c>, <c>target</c>, <c>rings</c>.</param>
/// <param name="Amount">How far from the mark; null when the draft does not say, so that nothing can be worked out.</param>
/// <param name="Above">True when the place lies above the mark, false when below.</param>
/// <param name="For">The entries it is for; empty for all.</param>
public sealed record MeasuredPlace(
    string Key,
    string Movement,
    Said Name,
    Said Marked,
    Said Sets,
    Length? Amount,
    bool Above,
    Eq<string> For
)
{
    /// <summary>The lowest reading taken, in millimetres: lower than any mark on a standing person.</summary>
    public const decimal Lowest = 100;

    /// <summary>The highest reading taken, in millimetres: higher than any reach.</summary>
    public const decimal Highest = 4000;

    /// <summary>What is hung from the athlete’s own body, by the clause that measures it. Where the amount is no part of the draft it is
    /// zero: rings hang at the fold of the hip itself.</summary>
    private static readonly Dictionary<string, (Said Marked, Said Sets, HeightKind? Detail, bool Above)> ByClause = new(
        StringComparer.Ordinal
    )
    {
        ["setup-line"] = (
            ("wrists, reach against the wall", "muñecas, alcance contra la pared"),
            ("line", "línea"),
            HeightKind.Line,
            false
        ),
        ["setup-reach"] = (
            ("reach, standing, arms overhead", "alcance de pie, brazos arriba"),
            ("target", "blanco"),
            HeightKind.Target,
            true
        ),
        ["setup-jump-bar"] = (("reach or crown, standing", "alcance o coronilla, de pie"), ("bar", "barra"), HeightKind.Bar, true),
        ["setup-ring-height"] = (("fold of the hip, standing", "pliegue de la cadera, de pie"), ("rings", "anillas"), null, false),
        ["setup-walk-lines"] = (
            ("length on the floor, hands to feet", "longitud en el suelo, de manos a pies"),
            ("start line", "línea de salida"),
            null,
            false
        ),
    };

    /// <summary>The places of a workout, in the order of its text, for divisions that are shown.</summary>
    /// <param name="u">The workout.</param>
    /// <param name="division">One division, or null for all.</param>
    /// <param name="tongue">In which entries are named; English when null.</param>
    public static Eq<MeasuredPlace> Of(Understanding u, string? division = null, Tongue? tongue = null)
    {
        tongue ??= Tongue.English;
        var book = StandardsBook.Of(u.Competition);
        var shown = u
            .Prescribed.Where(p =>
                (division is null || string.Equals(p.Address.Division.Name, division, StringComparison.OrdinalIgnoreCase))
                && !(p.IsMenuHead && p.Option is null)
                && p.At == default
            )
            .ToList();
        var entries = shown.Select(p => p.Address).Distinct().ToList();
        return shown
            .SelectMany(p => At(p, book, u.Workout))
            .GroupBy(x => x.Place)
            .OrderBy(g => g.Min(x => x.Line))
            .Select(g =>
                g.Select(x => x.Who).Distinct().ToList() is var who && who.Count == entries.Count
                    ? g.Key
                    : g.Key with
                    {
                        For = Entries.Named(who, entries, tongue).ToEq(),
                    }
            )
            .ToEq();
    }

    private static IEnumerable<(MeasuredPlace Place, Address Who, int Line)> At(PrescribedTask p, StandardsBook book, Workout workout)
    {
        var movement = book.Find(p.Prescription.Movement.Value);
        var fromTheBody = p.Prescription.Heights.Select(h => h.Value).Where(h => h.IsFromTheBody).ToList();
        if (movement is not null)
        {
            var standard = book.InForce(movement, p.Address.Division.Name, workout, p.Source);
            foreach (var clause in standard.Clauses.Where(c => c.Kind == ClauseKind.Measured && ByClause.ContainsKey(c.Id)))
            {
                var (marked, sets, detail, above) = ByClause[clause.Id];
                var height = fromTheBody.Find(h => h.On == detail);
                // A height from the floor is the same for all: nothing is measured on the athlete.
                if (detail is { } kind && height is null && p.Prescription.Heights.Any(h => h.Value.On == kind))
                {
                    continue;
                }

                fromTheBody.Remove(height!);
                var amount =
                    height is not null ? AmountOf(height)
                    : detail is null ? new(0, LengthUnit.Millimetre)
                    : null;
                yield return Place(
                    p,
                    (movement.Id, clause.Id, standard.Name),
                    (marked, sets),
                    amount,
                    height is null ? above : IsAbove(height)
                );
            }
        }

        // What the draft hangs from a body is measured on it, whether or not the movement's standard has a clause for it.
        foreach (var height in fromTheBody)
        {
            var of = height.From![(height.From!.IndexOf(' ', StringComparison.Ordinal) + 1)..];
            Said marked = (of, Glossary.Usual(of, Tongue.Spanish));
            var name = p.Prescription.Movement.Value;
            yield return Place(
                p,
                (movement?.Id ?? name, $"{height.Name ?? $"{height.On}"}-{of}".ToLowerInvariant(), movement?.Name ?? new(name)),
                (marked, height.Name is { } own ? (own, Glossary.Usual(own, Tongue.Spanish)) : OnWhat(height.On)),
                AmountOf(height),
                IsAbove(height)
            );
        }
    }

    private static (MeasuredPlace Place, Address Who, int Line) Place(
        PrescribedTask p,
        (string Movement, string Clause, Said Name) of,
        (Said Marked, Said Sets) what,
        Length? amount,
        bool above
    ) =>
        (
            new(
                $"{of.Movement}/{of.Clause}/{(amount is { } a ? Number.Normal(a.InMillimetres) : "unset")}/{(above ? "above" : "below")}",
                of.Movement,
                of.Name,
                what.Marked,
                what.Sets,
                amount,
                above,
                []
            ),
            p.Address,
            p.Source.At.Line
        );

    private static bool IsAbove(DutyHeight height) => height.From!.StartsWith("above", StringComparison.Ordinal);

    private static Length? AmountOf(DutyHeight height) => height.Values.At(0) is { } value ? new(value, height.Unit) : null;

    private static Said OnWhat(HeightKind on) =>
        on switch
        {
            HeightKind.Box => ("box", "cajón"),
            HeightKind.Target => ("target", "blanco"),
            HeightKind.Bar => ("bar", "barra"),
            HeightKind.Line => ("line", "línea"),
            _ => ("wall", "muro"),
        };

    /// <summary>Why a reading cannot be one; null when it can.</summary>
    public string? Objection(Length reading) =>
        reading.InMillimetres is < Lowest or > Highest
            ? $"A mark lies from {Number.Normal(Lowest)} mm to {Number.Normal(Highest)} mm above the floor; this is "
                + $"{Number.Normal(reading.InMillimetres)} mm."
        : Amount is null ? $"The draft does not say how far the {Sets.English} lies from the mark."
        : Line(reading) <= 0 ? $"The {Sets.English} would lie under the floor."
        : null;

    /// <summary>Where the place lies, in millimetres, exact.</summary>
    /// <param name="reading">The mark.</param>
    /// <exception cref="InvalidOperationException">The draft does not say the amount.</exception>
    /// <example>Wrists at 2124 mm, line 80 mm below: 2044 mm.</example>
    public decimal Line(Length reading) =>
        Amount is { } amount
            ? reading.InMillimetres + (Above ? amount.InMillimetres : -amount.InMillimetres)
            : throw new InvalidOperationException("The draft does not say the amount.");
}
