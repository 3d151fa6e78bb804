using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Planning.Days;
using NodaTime.Text;

namespace FairCompass.Web.Day;

/// <summary>What a heat sheet says around names and numbers.</summary>
/// <param name="Title">The workout and the heat.</param>
/// <param name="Clock">When its clock runs.</param>
/// <param name="Lane">Above the lanes.</param>
/// <param name="Number">Above the numbers worn.</param>
/// <param name="Who">Above the names.</param>
/// <param name="Division">Above the divisions.</param>
/// <param name="Judge">Above the judges.</param>
/// <param name="Card">Above the cards.</param>
/// <param name="NoCard">Where there is no card yet.</param>
/// <param name="Kit">Above the kit.</param>
/// <param name="Things">What stands in which lanes, a line each.</param>
public sealed record HeatWords(
    string Title,
    string Clock,
    string Lane,
    string Number,
    string Who,
    string Division,
    string Judge,
    string Card,
    string NoCard,
    string Kit,
    Eq<string> Things
)
{
    private static readonly LocalDateTimePattern Hour = LocalDateTimePattern.CreateWithInvariantCulture("HH:mm");

    /// <summary>The words of a heat.</summary>
    /// <param name="title">The workout.</param>
    /// <param name="heat">The heat.</param>
    /// <param name="things">What stands in its lanes.</param>
    /// <param name="tongue">The language.</param>
    public static HeatWords Of(string title, Heat heat, IEnumerable<HeatThing> things, Tongue tongue) =>
        new(
            $"{title}, {tongue.Say("heat", "tanda")} {heat.Number}",
            tongue.Say(
                $"clock starts at {Hour.Format(heat.Starts)}, ends at {Hour.Format(heat.Ends)}",
                $"el reloj arranca a las {Hour.Format(heat.Starts)} y para a las {Hour.Format(heat.Ends)}"
            ),
            tongue.Say("Lane", "Calle"),
            tongue.Say("Number", "Dorsal"),
            tongue.Say("Who", "Quién"),
            tongue.Say("Division", "División"),
            tongue.Say("Judge", "Juez"),
            tongue.Say("Card", "Tarjeta"),
            tongue.Say("none yet", "aún ninguna"),
            tongue.Say("In the lanes", "En las calles"),
            [.. things.Select(t => $"{t.InALane} × {t.Name} {Where(t, heat, tongue)}")]
        );

    private static string Where(HeatThing thing, Heat heat, Tongue tongue)
    {
        var lanes = string.Join(", ", thing.Lanes);
        var where =
            thing.Lanes.Count == heat.Lanes.Count ? tongue.Say("in each lane", "en cada calle")
            : thing.Lanes.Count == 1 ? tongue.Say($"in lane {lanes}", $"en la calle {lanes}")
            : tongue.Say($"in lanes {lanes}", $"en las calles {lanes}");
        return $"{where}, {tongue.Say($"{thing.Together} in all", $"{thing.Together} en total")}";
    }
}
