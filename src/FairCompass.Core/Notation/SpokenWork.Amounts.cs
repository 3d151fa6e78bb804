using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Amounts, series of them, and what they are of.</content>
public sealed partial class SpokenWork
{
    /// <summary>An amount that no movement follows: <c>12</c>, <c>15/11 cal</c>, <c>as many as possible</c>.</summary>
    public static string Alone(Amount amount, Tongue tongue) => new SpokenWork(tongue, DutyOrder.ManWoman).Alone(amount);

    /// <summary>An amount with its movement: <c>12 wall walks</c>, <c>30 m of walking lunges</c>, <c>200 m on the rowing
    /// machine</c>.</summary>
    /// <param name="amount">Null for the movement alone.</param>
    /// <param name="movement">As the draft names it.</param>
    /// <param name="tongue">The language.</param>
    public static string Named(Amount? amount, string movement, Tongue tongue) =>
        new SpokenWork(tongue, DutyOrder.ManWoman).Named(amount, movement);

    private string Alone(Amount amount) =>
        amount switch
        {
            Amount.Counted a => Figures(a.Of) + Symbol(a.Unit),
            Amount.OfScheme a => Units(a.Unit),
            Amount.Held a => Time(a.Time),
            Amount.Max { Unit: AmountUnit.Rep } => Say("as many as possible", "tantas como se pueda"),
            Amount.Max a => Say($"as many {Units(a.Unit)} as possible", $"el máximo de {Units(a.Unit)}"),
            Amount.Highest => Say("the highest", "lo más alto"),
            Amount.Heaviest { SetOf: { } n } => Say($"the heaviest set of {n}", $"la serie de {n} más pesada"),
            _ => Say("the heaviest", "lo más pesado"),
        };

    private string Named(Amount? amount, string movement)
    {
        switch (amount)
        {
            case null:
                return tongue.MovementFor(null, movement);
            case Amount.Counted { Unit: AmountUnit.Rep } a:
                var one = a.Of is { Second: null, First: { IsConstant: true } first } && first.At(0) == 1;
                return $"{Figures(a.Of)} {tongue.MovementFor(one ? 1 : null, movement)}";
            case Amount.Held:
                return $"{Alone(amount)} {Say("of ", "de ")}{tongue.MovementFor(1, movement)}";
            case Amount.Max { Unit: AmountUnit.Rep }:
                return Say("As many ", "Tantas repeticiones de ")
                    + tongue.MovementFor(null, movement)
                    + Say(" as possible", " como se pueda");
            case Amount.Highest:
                return Say("The highest ", "Lo más alto en ") + tongue.MovementFor(1, movement);
            case Amount.Heaviest h:
                return h.SetOf is { } n
                    ? Say($"The heaviest set of {n} ", $"La serie más pesada de {n} ") + tongue.MovementFor(n, movement)
                    : Say("The heaviest ", "Lo más pesado en ") + tongue.MovementFor(1, movement);
            default:
                var text = $"{Alone(amount)} {(tongue.IsMachine(movement) ? Say("on the ", "en ") : Say("of ", "de "))}";
                return (amount is Amount.Max ? Text.Words.Capital(text) : text)
                    + tongue.MovementFor(
                        tongue.IsMachine(movement) || amount.UnitOf() == AmountUnit.Second || Plurals.IsTravel(movement) ? 1 : null,
                        movement
                    );
        }
    }

    private string Units(AmountUnit unit)
    {
        var term = unit switch
        {
            AmountUnit.Calorie => Term.Calorie,
            AmountUnit.Metre => Term.Metre,
            AmountUnit.Foot => Term.Foot,
            AmountUnit.Second => Term.Second,
            _ => Term.Rep,
        };
        return tongue.Say(term.Many);
    }

    private static string Symbol(AmountUnit unit) => unit == AmountUnit.Rep ? "" : " " + unit.Symbol();

    /// <summary>A pair of constants as the trade writes it, <c>14/10</c>; series in words, and whose they are where they
    /// differ.</summary>
    private string Figures(Pair of) =>
        Unset(
            of.Second is not { } second ? Figures(of.First)
            : of.First.IsConstant && second.IsConstant ? of.ToString()
            : $"{Before} {Figures(of.First)}; {Behind} {Figures(second)}"
        );

    private string Before => order == DutyOrder.ManWoman ? Men : Women;

    private string Behind => order == DutyOrder.ManWoman ? Women : Men;

    private string Men => Say("men", "hombres");

    private string Women => Say("women", "mujeres");

    private string Figures(Series of) => SeriesWords.Of(of, tongue);
}
