using FairCompass.Core.Languages;
using FairCompass.Core.Standards;

namespace FairCompass.Core.InForce;

/// <summary>The printed words of a standard.</summary>
public static class StandardWords
{
    /// <summary>The heading of a phase.</summary>
    public static Said Of(Phase phase) =>
        phase switch
        {
            Phase.SetUp => ("Set-up", "Preparación"),
            Phase.Entry => ("Entry", "Entrada"),
            Phase.Start => ("Start", "Inicio"),
            Phase.Through => ("Through", "Recorrido"),
            Phase.Finish => ("Finish", "Final"),
            _ => ("Between reps", "Entre repeticiones"),
        };

    /// <summary>A clause as papers print it: a ruling is known by its number and date.</summary>
    public static string Of(Clause clause, Tongue tongue) =>
        clause.From.By == Source.Ruling && clause.From.Detail is { } ruling
            ? $"{tongue.Say(clause.Text)} ("
                + $"{(tongue.IsSpanish && ruling.StartsWith("ruling ", StringComparison.Ordinal) ? "resolución " + ruling[7..] : ruling)}"
                + ")"
            : tongue.Say(clause.Text);
}
