using FairCompass.Core.Competitions;
using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Details and rules of a line.</content>
public sealed partial class SpanishLines
{
    private string Details(Eq<Detail> details) => string.Concat(details.Select(d => ", " + Detail(d)));

    private string Detail(Detail detail) =>
        detail switch
        {
            Workouts.Detail.Load d => (d.Start ? "se empieza con " : "") + Unset(Load(d)),
            Workouts.Detail.Figure d => $"{(d.Implements is { } n ? $"{n} × " : "")}{Unset(d.Of.ToString())} (unidad sin fijar)",
            Workouts.Detail.OwnBest d => Unset(
                $"{d.Percent} % de la mejor marca propia{(d.Of is { } lift ? " en " + tongue.Movement(lift) : "")}"
            ),
            Workouts.Detail.LiftAttempts d => d.N == 1 ? "1 intento" : $"{d.N} intentos",
            Workouts.Detail.Lengths d => Unset($"{d.Count} × {d.Of} {d.Unit.Symbol()}"),
            Workouts.Detail.Height { IsAt: true } d => $"{Usual(d.Name ?? "")}: {Glossary.At(d.Reference ?? "", tongue)}",
            Workouts.Detail.Height d => Unset(
                $"{(d.Name is { } name ? Usual(name) : DutyHeight.Word(d.On, tongue))} "
                    + $"{d.Of}{(d.By is { } by ? $" × {by}" : "")} {d.Unit.Symbol()}"
                    + (
                        d.Above is { } above
                            ? " " + (above ? Glossary.Above(d.Reference ?? "", tongue) : Glossary.Below(d.Reference ?? "", tongue))
                            : ""
                    )
            ),
            Workouts.Detail.Marks d => Unset($"marcas cada {d.Every} {d.Unit.Symbol()}"),
            Workouts.Detail.Chunks d => Unset($"en partes de {d.Size}"),
            Workouts.Detail.Counts d => $"cuenta {d.Credit}",
            Workouts.Detail.EveryCount d => $"cada {d.Units} cuentan {d.Credit}",
            Workouts.Detail.Credited d => $"se acreditan {d.Credit}{(d.WhenDone ? " al terminar" : "")}",
            Workouts.Detail.Uncounted => "no se cuenta",
            Workouts.Detail.Bonus d => Unset($"+{d.Credit} {(d.AtAmount is { } at ? "al llegar a " + at : "al terminar")}"),
            Workouts.Detail.Only d => $"solo {Who(d.For)}",
            Workouts.Detail.InRounds d => $"solo en las rondas {Unset(d.Which.ToString())}",
            Workouts.Detail.EveryNth d => d.N == 1 ? "en cada ronda" : $"cada {d.N} rondas",
            Workouts.Detail.From d => d.Place switch
            {
                FromPlace.Floor => "desde el suelo",
                FromPlace.Rack => "desde el soporte",
                _ => "en suspensión",
            },
            Workouts.Detail.OnBar d => BarByMass.Of(d.Name) is null ? $"con la barra “{d.Name}”" : $"barra de {d.Name}",
            Workouts.Detail.Flag d => d.Is switch
            {
                FlagKind.InOneGo => "sin interrupción",
                FlagKind.MayBeBroken => "se puede interrumpir",
                FlagKind.MayBeJoined => "se puede unir con el siguiente",
                FlagKind.Each => "cada uno",
                FlagKind.ByEach => "por cada miembro",
                FlagKind.EachUnsaid => "(sin fijar si cada uno o entre todos)",
                FlagKind.LastBarRepeats => "se repite la última barra",
                FlagKind.NeverDown => "nunca menos carga",
                _ => "los vecinos se pueden unir",
            },
            _ => throw new InvalidOperationException("A detail without Spanish words."),
        };

    private string Usual(string name) => Glossary.Usual(name, tongue);

    private string Rule(Rule rule) =>
        rule switch
        {
            Workouts.Rule.Share r => "reparto: " + string.Join(", ", r.Phrases.Select(Phrase)),
            Workouts.Rule.Hold r => Hold(r),
            Workouts.Rule.ReRig r => $"cambio de carga: {(r.To is { } to ? Unset(Load(to)) + " " : "")}"
                + (r.Added is { } on ? $"+ {Unset(Load(on))} por lado " : "")
                + "por "
                + $"{tongue.Join(r.By.Split(", ").Select(Usual))}{(r.Window is { } w ? $", en la ventana {w}" : "")}"
                + $"{(r.InChange ? ", en el cambio" : "")}",
            Workouts.Rule.Help r => "ayuda: "
                + r.Act switch
                {
                    HelpAct.LoadPlates => "cargar discos",
                    HelpAct.Spot => "asistir el levantamiento",
                    HelpAct.LiftUp => "subir al atleta",
                    _ => "mover material",
                }
                + $" por {Usual(r.By)}"
                + r.Voids switch
                {
                    VoidedUnit.Rep => ", la repetición no cuenta",
                    VoidedUnit.Lift => ", el levantamiento no cuenta",
                    _ => "",
                },
            Workouts.Rule.Touch r => "toque: " + Usual(r.Text),
            Workouts.Rule.Remark r => $"nota: «{r.Text}»",
            Workouts.Rule.ClauseHere r => r.Text == "does not apply"
                ? $"criterio {r.Clause}: no se aplica"
                : $"criterio {r.Clause}: «{r.Text}»",
            _ => throw new InvalidOperationException("A rule without Spanish words."),
        };

    private string Phrase(SharePhrase p) =>
        p.Is switch
        {
            ShareKind.OneAtATime => "de uno en uno",
            ShareKind.AnyNumber => "cualquier número a la vez",
            ShareKind.AnySplit => "reparto libre",
            ShareKind.InRotation => "en rotación",
            ShareKind.InFixedOrder => ("en orden fijo " + string.Join(", ", p.Order.Select(n => tongue.Ordinal(n)))).TrimEnd(),
            ShareKind.TurnsByRound => "por turnos de una ronda",
            ShareKind.AttemptIsTurn => "un intento es un turno",
            ShareKind.HandTag => "relevo con toque de mano",
            ShareKind.NoHandTag => "relevo sin toque de mano",
            ShareKind.TogetherAt => "a la vez en " + Usual(p.Text ?? ""),
            ShareKind.ByMembers => p.N == 1 ? "por 1 miembro" : $"por {p.N} miembros",
            ShareKind.AtLeast => $"al menos {p.N} {Per(p.Text)}",
            ShareKind.CountByMember => "se cuenta por miembro",
            ShareKind.Short => p.Short switch
            {
                ShortShare.Owed => "lo que falte se debe",
                ShortShare.NotCounted => "lo que falte no cuenta",
                _ => "si falta, no hay resultado",
            },
            ShareKind.AtMost => $"como mucho {p.N} seguidas",
            ShareKind.AtMostTries => $"como mucho {p.N} intentos seguidos",
            ShareKind.HandOverAt => "relevo en " + p.Text,
            ShareKind.HandOverAfter when p.N is { } reps => $"relevo después de {reps} repeticiones",
            ShareKind.HandOverAfter => "relevo después de " + Usual(p.Text ?? ""),
            _ => throw new InvalidOperationException("A way to share without Spanish words."),
        };

    private string Hold(Rule.Hold r) =>
        $"mantener: {r.Holders} {(r.Holders == 1 ? "compañero" : "compañeros")} en {tongue.Movement(r.Position)}, "
        + (r.Load is { } load ? Unset(Load(load)) + ", " : "")
        + (r.WholeTurn ? "todo el turno" : "en cada repetición entera")
        + (r.AnotherEachCycle ? ", otro en cada ciclo" : "")
        + (r.MayPause ? ", puede descansar entre repeticiones" : "")
        + (r.OthersTakeOver ? ", otro puede relevarle" : "")
        + r.Broken switch
        {
            null => "",
            { Lost: LostWork.Rep } => "; si se rompe, se pierde la repetición",
            { Lost: LostWork.Set } => "; si se rompe, la serie empieza de nuevo",
            var b => $"; si se rompe, el equipo hace {b.Work} {tongue.Movement(b.Movement!)}",
        };

    private static string Per(string? tail) =>
        tail switch
        {
            "each" => "cada uno",
            "each of every movement" => "cada uno de cada ejercicio",
            "each in every round" => "cada uno en cada ronda",
            "each of every movement in every round" => "cada uno de cada ejercicio en cada ronda",
            "a turn of every movement in every round" => "por turno de cada ejercicio en cada ronda",
            "a turn" => "por turno",
            "a turn of every movement" => "por turno de cada ejercicio",
            "a turn in every round" => "por turno en cada ronda",
            _ => throw new InvalidOperationException("A share per something without Spanish words."),
        };
}
