using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>Rules about a line of work.</content>
public sealed partial class SpokenWork
{
    private string Rule(Rule rule) =>
        rule switch
        {
            Workouts.Rule.Share r => Words.Capital(string.Join("; ", r.Phrases.Select(Phrase))) + ".",
            Workouts.Rule.Hold r => Hold(r),
            Workouts.Rule.ReRig r => ReRig(r),
            Workouts.Rule.Help r => Help(r),
            Workouts.Rule.Touch r => Say("Touching: ", "Toque: ") + Usual(r.Text),
            Workouts.Rule.Remark r => Say(r.Text, $"Nota: «{r.Text}»"),
            Workouts.Rule.ClauseHere r => r.Text == "does not apply"
                ? Say($"The rule “{r.Clause}” does not apply here.", $"La regla «{r.Clause}» no se aplica aquí.")
                : Say($"Here holds: {r.Text}", $"Aquí vale: «{r.Text}»"),
            _ => throw new InvalidOperationException("A rule without words."),
        };

    private string ReRig(Workouts.Rule.ReRig r)
    {
        var by = tongue.Join(r.By.Split(", ").Select(Usual));
        string[] loads =
        [
            r.To is { } to ? Load(to) : "",
            r.Added is { } on ? Say($"+ {Load(on)} on each side", $"+ {Load(on)} por lado") : "",
        ];
        var load = string.Join(", ", loads.Where(l => l.Length > 0));
        var when =
            (r.Window is { } w ? Say($" in window {w}", $" en la ventana {w}") : "")
            + (r.InChange ? Say(" in the change", " en el cambio") : "");
        return Say($"The load is changed by {by}{when}", $"La carga la cambia {by}{when}") + (load.Length > 0 ? ": " + load : "") + ".";
    }

    private string Help(Workouts.Rule.Help r)
    {
        var by = Words.Capital(Usual(r.By));
        var act = r.Act switch
        {
            HelpAct.LoadPlates => Say("may load plates", "puede cargar discos"),
            HelpAct.Spot => Say("may spot the lift", "puede asistir el levantamiento"),
            HelpAct.LiftUp => Say("may lift the athlete up", "puede subir al atleta"),
            _ => Say("may move kit", "puede mover material"),
        };
        var voids = r.Voids switch
        {
            VoidedUnit.Rep => Say("; a rep that was helped does not count", "; una repetición con ayuda no cuenta"),
            VoidedUnit.Lift => Say("; a lift that was helped does not count", "; un levantamiento con ayuda no cuenta"),
            _ => "",
        };
        return $"{by} {act}{voids}.";
    }

    private string Phrase(SharePhrase p) =>
        p.Is switch
        {
            ShareKind.OneAtATime => Say("one works at a time", "trabaja uno a la vez"),
            ShareKind.AnyNumber => Say("any number work at a time", "trabajan a la vez cuantos quieran"),
            ShareKind.AnySplit => Say("split it as you like", "reparto libre"),
            ShareKind.InRotation => Say("in rotation", "en rotación"),
            ShareKind.InFixedOrder when p.Order.Count > 0 => Say("in this order: ", "en este orden: ")
                + string.Join(", ", p.Order.Select(n => tongue.Ordinal(n))),
            ShareKind.InFixedOrder => Say("always in the same order", "siempre en el mismo orden"),
            ShareKind.TurnsByRound => Say("a round each in turn", "por turnos de una ronda"),
            ShareKind.AttemptIsTurn => Say("an attempt is a turn", "un intento es un turno"),
            ShareKind.HandTag => Say("a hand tag hands over", "relevo con toque de mano"),
            ShareKind.NoHandTag => Say("no hand tag is needed", "relevo sin toque de mano"),
            ShareKind.TogetherAt => Say("all together at ", "todos a la vez en ") + Usual(p.Text ?? ""),
            ShareKind.ByMembers => p.N == 1
                ? Say("1 member does it", "lo hace 1 miembro")
                : Say($"{p.N} members do it", $"lo hacen {p.N} miembros"),
            ShareKind.AtLeast => Say($"at least {p.N} {p.Text}", $"al menos {p.N} {Per(p.Text)}"),
            ShareKind.CountByMember => Say("counted for each member", "se cuenta por miembro"),
            ShareKind.Short => p.Short switch
            {
                ShortShare.Owed => Say("what is missing must still be done", "lo que falte se debe"),
                ShortShare.NotCounted => Say("what others did instead does not count", "lo que otros hicieron en su lugar no cuenta"),
                _ => Say("who does less gives the team no result", "si falta, no hay resultado"),
            },
            ShareKind.AtMost => Say($"nobody more than {p.N} in a row", $"nadie más de {p.N} seguidas"),
            ShareKind.AtMostTries => Say($"nobody more than {p.N} tries in a row", $"nadie más de {p.N} intentos seguidos"),
            ShareKind.HandOverAt => Say("hand over at ", "relevo en ") + p.Text,
            ShareKind.HandOverAfter when p.N is { } reps => Say($"hand over after {reps} reps", $"relevo después de {reps} repeticiones"),
            ShareKind.HandOverAfter => Say("hand over after ", "relevo después de ") + Usual(p.Text ?? ""),
            _ => throw new InvalidOperationException("A way to share without words."),
        };

    private string Hold(Workouts.Rule.Hold r)
    {
        var position = tongue.MovementFor(1, r.Position);
        var who =
            r.Holders == 1
                ? Say("1 crew-mate holds", "1 compañero mantiene")
                : Say($"{r.Holders} crew-mates hold", $"{r.Holders} compañeros mantienen");
        var held = $"{who}{Say(" the ", " ")}{position}{(r.Load is { } load ? Say(" with ", " con ") + Load(load) : "")}";
        var first = r.WholeTurn
            ? Say($"{held} for the whole turn", $"{held} todo el turno")
            : Say($"A rep counts only while {held}", $"Una repetición solo cuenta mientras {held}");
        string[] more =
        [
            first,
            r.AnotherEachCycle ? Say("another one in each cycle", "otro en cada ciclo") : "",
            r.MayPause ? Say("the holder may rest between reps", "puede descansar entre repeticiones") : "",
            r.OthersTakeOver ? Say("another may take over", "otro puede relevarle") : "",
            r.Broken switch
            {
                null => "",
                { Lost: LostWork.Rep } => Say("when it breaks, the rep is lost", "si se rompe, se pierde la repetición"),
                { Lost: LostWork.Set } => Say("when it breaks, the set begins anew", "si se rompe, la serie empieza de nuevo"),
                var b => Say(
                    $"when it breaks, the team does {b.Work} {tongue.MovementFor(b.Work, b.Movement!)}",
                    $"si se rompe, el equipo hace {b.Work} {tongue.MovementFor(b.Work, b.Movement!)}"
                ),
            },
        ];
        return string.Join("; ", more.Where(t => t.Length > 0)) + ".";
    }

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
