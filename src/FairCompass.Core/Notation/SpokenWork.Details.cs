using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>The phrases behind a movement.</content>
public sealed partial class SpokenWork
{
    /// <summary>A load: <c>2 × 22.5/15 kg</c>.</summary>
    private string Load(Detail.Load load)
    {
        var unit = load.Unit.Symbol();
        var hands = load.Left is { } left
            ? Say($" on the right, {Figures(left)} {unit} on the left", $" a la derecha, {Figures(left)} {unit} a la izquierda")
            : "";
        var also = load.AlsoOf is { } of ? Say(" or ", " o ") + $"{Figures(of)} {load.AlsoUnit!.Value.Symbol()}" : "";
        return $"{(load.Implements is { } n ? $"{n} × " : "")}{Figures(load.Of)} {unit}{hands}{also}";
    }

    private string Details(Eq<Detail> details) => string.Concat(details.Select(d => ", " + Detail(d)));

    private string Detail(Detail detail) =>
        detail switch
        {
            Workouts.Detail.Load d => (d.Start ? Say("starting with ", "se empieza con ") : "") + Load(d),
            Workouts.Detail.Figure d => $"{(d.Implements is { } n ? $"{n} × " : "")}{Unset(d.Of.ToString())} "
                + Say("(unit unset)", "(unidad sin fijar)"),
            Workouts.Detail.OwnBest d => OwnBest(d),
            Workouts.Detail.Rising d => Unset(
                Say(
                    $"from {Figures(d.First)} cm, each next height {d.By} cm more",
                    $"desde {Figures(d.First)} cm, cada altura {d.By} cm más"
                )
            ),
            Workouts.Detail.Misses d => d.InARow
                ? Say(
                    $"over with {Text.Words.Count(d.N, "miss", "misses")} in a row",
                    $"se acaba con {tongue.Count(d.N, Term.Miss)} {(d.N == 1 ? "seguido" : "seguidos")}"
                )
                : Say(
                    $"over with {Text.Words.Count(d.N, "miss", "misses")} in all",
                    $"se acaba con {tongue.Count(d.N, Term.Miss)} en total"
                ),
            Workouts.Detail.LiftAttempts d => tongue.Count(d.N, Term.Attempt),
            Workouts.Detail.Lengths d => Unset($"{d.Count} × {d.Of} {d.Unit.Symbol()}"),
            Workouts.Detail.Height d => Height(d),
            Workouts.Detail.Marks d => Unset(
                Say($"in sections of {d.Every} {d.Unit.Symbol()}", $"en tramos de {d.Every} {d.Unit.Symbol()}")
            ),
            Workouts.Detail.Chunks d => Say($"in parts of {Figures(d.Size)}", $"en partes de {Figures(d.Size)}"),
            Workouts.Detail.Counts d => d.Credit == 0
                ? Say("worth nothing by itself", "por sí solo no vale nada")
                : Say($"each worth {d.Credit}", $"cada uno vale {d.Credit}"),
            Workouts.Detail.EveryCount d => Say($"each {d.Units} worth {d.Credit}", $"cada {d.Units} valen {d.Credit}"),
            Workouts.Detail.Credited d => Say(
                $"worth {d.Credit} in all{(d.WhenDone ? " when done" : "")}",
                $"en total vale {d.Credit}{(d.WhenDone ? " al terminar" : "")}"
            ),
            Workouts.Detail.Uncounted => Say("not counted in the score", "no cuenta para la puntuación"),
            Workouts.Detail.Bonus d => d.AtAmount is { } at
                ? Say($"{d.Credit} extra at {Figures(at)}", $"{d.Credit} extra al llegar a {Figures(at)}")
                : Say($"{d.Credit} extra when done", $"{d.Credit} extra al terminar"),
            Workouts.Detail.Only d => Say($"{Who(d.For)} only", $"solo {Who(d.For)}"),
            Workouts.Detail.InRounds d => Unset(Say($"in rounds {Figures(d.Which)} only", $"solo en las rondas {Figures(d.Which)}")),
            Workouts.Detail.EveryNth d => d.N == 1
                ? Say("in each round", "en cada ronda")
                : Say($"in every {tongue.Ordinal(d.N)} round", $"cada {d.N} rondas"),
            Workouts.Detail.From d => d.Place switch
            {
                FromPlace.Floor => Say("from the floor", "desde el suelo"),
                FromPlace.Rack => Say("from the rack", "desde el soporte"),
                _ => Say("from the hang", "en suspensión"),
            },
            Workouts.Detail.OnBar d => BarByMass.Of(d.Name) is null
                ? Say($"on the {d.Name}", $"con la barra “{d.Name}”")
                : Say($"bar of {d.Name}", $"barra de {d.Name}"),
            Workouts.Detail.Flag d => Flag(d.Is),
            _ => throw new InvalidOperationException("A detail without words."),
        };

    private string OwnBest(Detail.OwnBest d) =>
        Unset(
            Say($"{d.Percent} % of your own best", $"{d.Percent} % de la mejor marca propia")
                + (d.Of is { } lift ? Say(" in the ", " en ") + tongue.MovementFor(1, lift) : "")
        );

    private string Height(Detail.Height d)
    {
        if (d.IsAt)
        {
            return $"{Usual(d.Name ?? "")} {Glossary.At(d.Reference ?? "", tongue)}";
        }

        var relation = d.Above switch
        {
            true => " " + Glossary.Above(d.Reference ?? "", tongue),
            false => " " + Glossary.Below(d.Reference ?? "", tongue),
            null => "",
        };
        return Unset(
            $"{(d.Name is { } name ? Usual(name) : DutyHeight.Word(d.On, tongue))} {d.Of}{(d.By is { } by ? $" × {by}" : "")} "
                + d.Unit.Symbol()
                + relation
        );
    }

    private string Flag(FlagKind flag) =>
        flag switch
        {
            FlagKind.InOneGo => Say("in one go", "sin interrupción"),
            FlagKind.MayBeBroken => Say("it may be broken", "se puede interrumpir"),
            FlagKind.MayBeJoined => Say("it may be joined with the next", "se puede unir con el siguiente"),
            FlagKind.Each => Say("each", "cada uno"),
            FlagKind.ByEach => Say("every member does it", "lo hace cada miembro"),
            FlagKind.EachUnsaid => Say("(each or together: unset)", "(sin fijar si cada uno o entre todos)"),
            FlagKind.LastBarRepeats => Say("the last bar repeats", "se repite la última barra"),
            FlagKind.NeverDown => Say("never less load", "nunca menos carga"),
            _ => Say("neighbouring lifts may be joined", "los vecinos se pueden unir"),
        };

    private string Usual(string name) => Glossary.Usual(name, tongue);
}
