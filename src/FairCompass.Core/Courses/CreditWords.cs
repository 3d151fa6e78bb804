using FairCompass.Core.Languages;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Courses;

/// <summary>What units are worth, in words; the one wording for ledgers, rules, and papers.</summary>
internal static class CreditWords
{
    /// <summary>What units of one kind are worth, in words of a language; null for reps and calories that count one.</summary>
    public static string? Of(CountedUnit unit, Series? count, Tongue tongue) =>
        unit.Credit is Credit.Each { Worth: 1 }
            ? unit.Word is "rep" or "cal"
                ? null
                : Each(unit, 1, tongue)
            : Words(unit.Credit, unit, count, tongue);

    private static string Each(CountedUnit unit, long worth, Tongue tongue) =>
        tongue.Say($"each {unit.Word} counts {worth}", $"cada {Term.Single(unit.Word).Spanish} cuenta {worth}");

    /// <summary>What units of one kind are worth, in words of a language.</summary>
    public static string Always(CountedUnit unit, Series? count, Tongue tongue) => Words(unit.Credit, unit, count, tongue);

    private static string Words(Credit credit, CountedUnit unit, Series? count, Tongue tongue) =>
        credit switch
        {
            Credit.Each { Worth: 0 } => tongue.Say("not counted in the score", "no cuenta para la puntuación"),
            Credit.Each e => Each(unit, e.Worth, tongue),
            Credit.Groups g => tongue.Say($"every {g.Size} count {g.Worth}", $"cada {g.Size} cuentan {g.Worth}"),
            Credit.Share s => tongue.Say(
                $"{(count is null ? "the whole" : count.ToString())} credited {s.Worth}",
                $"{(count is null ? "el total" : count.ToString())} se acredita como {s.Worth}"
            ),
            Credit.WhenDone w => tongue.Say($"credited {w.Worth} when done", $"se acreditan {w.Worth} al terminar"),
            Credit.WithBonus b => $"{Words(b.Base, unit, count, tongue)}, +{b.Worth} "
                + $"{(b.At is { } at ? tongue.Say($"at {at}", $"al llegar a {at}") : tongue.Say("when done", "al terminar"))}",
            _ => "",
        };
}
