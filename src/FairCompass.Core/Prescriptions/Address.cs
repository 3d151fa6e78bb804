using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Prescriptions;

/// <summary>For whom something is: a division, narrowed by duty, place in the team, group, and level.</summary>
/// <param name="Division">The division.</param>
/// <param name="Duty">One of its duties; null for a whole team.</param>
/// <param name="Seat">A place in the team, from 1; null for any.</param>
/// <param name="Group">A group of the team; null for any.</param>
/// <param name="Level">A level with a board of its own; null where there are none.</param>
public sealed record Address(Division Division, Duty? Duty, int? Seat = null, string? Group = null, string? Level = null)
{
    /// <summary>What tells it from others of its division: <c>woman</c>, <c>2nd (woman)</c>, <c>man, Hand Bell</c>; <c>team</c> for a whole
    /// team.</summary>
    public string Within => WithinIn(Tongue.English);

    /// <summary><see cref="Within"/> in a language.</summary>
    public string WithinIn(Tongue tongue)
    {
        var duty = Duty is { } one ? tongue.Name(one.Word()) : tongue.Name(Division.Kind == DivisionKind.Pair ? "pair" : "team");
        var who = Seat is { } seat ? $"{tongue.Ordinal(seat)} ({duty})" : duty;
        who = Duty is null && Division.LineUp is { } lineUp ? $"{who}, {lineUp.In(tongue)}" : who;
        return Level is null ? who : $"{who}, {Level}";
    }

    /// <summary>True for a column whose values are those of somebody in an entry.</summary>
    /// <param name="entry">An individual’s duty, or a whole team in one of its line-ups.</param>
    public bool IsOf(Address entry) =>
        Division.Name == entry.Division.Name
        && Level == entry.Level
        && (
            entry.Duty is not null ? Duty == entry.Duty
            : Seat is { } seat ? seat <= entry.Division.Size && entry.Division.DutyOf(seat) == Duty
            : entry.Division.EachDuty.Any(d => d == Duty)
        );

    /// <summary>The address in words: <c>Meadow woman</c>.</summary>
    public override string ToString() => In(Tongue.English);

    /// <summary>The address in words of a language: <c>Meadow woman</c>, <c>Meadow, mujer</c>.</summary>
    public string In(Tongue tongue) =>
        Duty is null
            ? Division.Name + (Division.LineUp is { } lineUp ? $", {lineUp.In(tongue)}" : "") + (Level is null ? "" : $", {Level}")
            : Division.Name + tongue.Say(" ", ", ") + WithinIn(tongue);
}

/// <summary>A place in the loops of a workout, for values that differ by round or cycle.</summary>
/// <param name="Cycle">The cycle of the clock, from 1; null for none.</param>
/// <param name="Round">The round of the nearest loop of work, from 1; null for what holds in general.</param>
public readonly record struct Iteration(int? Cycle, long? Round);

/// <summary>Where a resolved value was written.</summary>
/// <param name="Division">The division named by the line, or null when it stands on the task itself or names none.</param>
/// <param name="Own">
/// True when the value is this division's own: written for it, or on the task itself for a division that inherits from none.
/// </param>
/// <param name="At">The place in the draft.</param>
public sealed record Origin(string? Division, bool Own, SourceRange At);

/// <summary>A value with its origin.</summary>
/// <typeparam name="T">What is resolved.</typeparam>
public sealed record Resolved<T>(T Value, Origin From);

/// <summary>A load of one address: the series of this duty only.</summary>
/// <param name="Implements">How many are held at once; at least 1.</param>
/// <param name="Values">The figures over the rounds.</param>
/// <param name="Unit">Their unit.</param>
/// <param name="Also">The same in a second publication, or null.</param>
/// <param name="AlsoUnit">Its unit.</param>
public sealed record DutyLoad(int Implements, Series Values, MassUnit Unit, Series? Also, MassUnit? AlsoUnit)
{
    /// <summary>What is in the left hand where it is another load than in the right; null where both are alike.</summary>
    public Series? Left { get; init; }

    /// <summary>The load as printed: <c>2 × 22.5 kg</c>.</summary>
    public override string ToString() => In(Tongue.English);

    /// <summary>The load in a language, its figures as a draft has them: <c>60-65-70-... kg</c>.</summary>
    public string In(Tongue tongue) => With(tongue, s => s.ToString());

    /// <summary>The load as a paper says it: <c>60, 65, 70 and so on kg</c>.</summary>
    public string Said(Tongue tongue) => With(tongue, s => s.Continues ? SeriesWords.Of(s, tongue) : s.ToString());

    private string With(Tongue tongue, Func<Series, string> figures) =>
        $"{(Implements > 1 ? $"{Implements} × " : "")}{figures(Values)} {Unit.Symbol()}"
        + (
            Left is null
                ? ""
                : $"{tongue.Say(" right, ", " a la derecha, ")}{figures(Left)} {Unit.Symbol()}{tongue.Say(" left", " a la izquierda")}"
        )
        + $"{(Also is null ? "" : $"{tongue.Say(" or ", " o ")}{figures(Also)} {AlsoUnit!.Value.Symbol()}")}";
}

/// <summary>A height of one address.</summary>
/// <param name="On">What is measured.</param>
/// <param name="Values">The figures.</param>
/// <param name="Unit">Their unit.</param>
/// <param name="From">The words after it, such as <c>above reach</c>, or null.</param>
public sealed record DutyHeight(HeightKind On, Series Values, LengthUnit Unit, string? From)
{
    /// <summary>What is measured, where it has a name of its own.</summary>
    public string? Name { get; init; }

    /// <summary>The second side of a zone.</summary>
    public Series? By { get; init; }

    /// <summary>True for a height that is measured from a mark of the athlete’s body and not from the floor.</summary>
    public bool IsFromTheBody => From is { } from && !from.Contains("floor", StringComparison.OrdinalIgnoreCase);

    /// <summary>The height as printed: <c>box 60 cm</c>.</summary>
    public override string ToString() => In(Tongue.English);

    /// <summary>The height in words of a language: <c>target 15 cm above reach</c>, <c>blanco 15 cm por encima del alcance</c>.</summary>
    public string In(Tongue tongue) =>
        $"{(Name is { } name ? tongue.IsSpanish ? Glossary.Usual(name, tongue) : name : Word(On, tongue))} {Measure(tongue)}";

    /// <summary>The height without what it is measured on: <c>15 cm above reach</c>.</summary>
    public string Measure(Tongue tongue) =>
        From is { } at && at.StartsWith("at ", StringComparison.Ordinal)
            ? Glossary.At(at[3..], tongue)
            : $"{Values}{(By is null ? "" : $" × {By}")} {Unit.Symbol()}"
                + (From is null ? "" : " " + (tongue.IsSpanish ? Spanish(From, tongue) : From));

    /// <summary>What a height is measured on, in a language.</summary>
    public static string Word(HeightKind on, Tongue tongue) =>
        on switch
        {
            HeightKind.Box => tongue.Say("box", "cajón"),
            HeightKind.Target => tongue.Say("target", "blanco"),
            HeightKind.Bar => tongue.Say("bar", "barra"),
            HeightKind.Line => tongue.Say("line", "línea"),
            _ => tongue.Say("wall", "pared"),
        };

    private static string Spanish(string from, Tongue tongue) =>
        from.StartsWith("above ", StringComparison.Ordinal) ? Glossary.Above(from[6..], tongue)
        : from.StartsWith("below ", StringComparison.Ordinal) ? Glossary.Below(from[6..], tongue)
        : Glossary.Usual(from, tongue);
}

/// <summary>What one task is for one address.</summary>
/// <param name="Movement">The movement's name as written.</param>
/// <param name="Amount">The amount as written; null inside a scheme without a number of its own.</param>
/// <param name="Load">The load, or null when there is none.</param>
/// <param name="Heights">Heights and lines.</param>
/// <param name="From">Where the first rep begins, or null when not said.</param>
/// <param name="Counting">The phrases that say how units are counted and credited: marks, lengths, chunks, worth, bonus.</param>
public sealed record Prescription(
    Resolved<string> Movement,
    Resolved<Amount>? Amount,
    Resolved<DutyLoad>? Load,
    Eq<Resolved<DutyHeight>> Heights,
    Resolved<FromPlace>? From,
    Eq<Detail> Counting
)
{
    /// <summary>The name of the bar, where it is not the usual one of the duty; null otherwise.</summary>
    public Resolved<string>? Bar { get; init; }

    /// <summary>A share of the athlete’s own best in place of a load; null otherwise.</summary>
    public Resolved<ShareOfBest>? OfBest { get; init; }

    /// <summary>The heights that are tried one after the other; null where none rises.</summary>
    public Resolved<RisingHeights>? Rising { get; init; }
}

/// <summary>Heights that are tried one after the other.</summary>
/// <param name="First">The first, in centimetres; null when <c>unset</c>.</param>
/// <param name="By">How much the next is higher, in centimetres; null when <c>unset</c>.</param>
public sealed record RisingHeights(decimal? First, decimal? By)
{
    /// <summary>In words: <c>from 60 cm up by 5</c>.</summary>
    public string In(Tongue tongue) =>
        tongue.Say($"from {Said(First)} cm up by {Said(By)}", $"desde {Said(First)} cm, subiendo {Said(By)}");

    /// <summary>True for a height of the row; true for each where it is not known.</summary>
    public bool Has(decimal height) =>
        First is not { } first || By is not { } by || by <= 0 || (height >= first && (height - first) % by == 0);

    private static string Said(decimal? n) => n is { } known ? Number.Normal(known) : "unset";
}

/// <summary>A load that each athlete brings: so much of what he or she has lifted before.</summary>
/// <param name="Percent">Over 0 and up to 100.</param>
/// <param name="Of">Of which lift; null for the movement itself.</param>
public sealed record ShareOfBest(Series Percent, string? Of)
{
    /// <summary>In words: <c>80 % of own best back squat</c>.</summary>
    public string In(Tongue tongue) =>
        $"{Percent} % {tongue.Say("of own best", "de la mejor marca propia")}"
        + (Of is null ? "" : $"{tongue.Say(" ", " en ")}{tongue.Movement(Of)}");
}
