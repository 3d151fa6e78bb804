using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>What the heat clock does.</content>
public sealed partial class SpokenWork
{
    private void Stage(int level, Stage stage)
    {
        var label = stage.Label is { } l ? l + ": " : "";
        switch (stage)
        {
            case Stage.Window s when AsManyRounds(s.Goal, s.Items) is { } rounds:
                Add(
                    level,
                    label
                        + Say(
                            $"As many rounds as possible in {Time(s.Time)}{But(s.Others)}, each of:",
                            $"Tantas rondas como se pueda en {Time(s.Time)}{But(s.Others)}, cada una de:"
                        ),
                    s.Note ?? rounds.Note
                );
                Block(level + 1, rounds.Items);
                break;
            case Stage.Window s:
                Add(level, label + Window(s), s.Note);
                Block(level + 1, s.Items);
                break;
            case Stage.Clock s:
                Clock(level, label, s);
                break;
            case Stage.Gap s:
                Add(
                    level,
                    label + (s.IsRest ? Say("Rest", "Descanso") : Say("Change", "Cambio")) + Say(" of ", " de ") + Time(s.Time) + ".",
                    s.Note
                );
                break;
            case Stage.Cycles s:
                Add(
                    level,
                    label
                        + Say(
                            $"{s.Times} {(s.Times == 1 ? "time" : "times")}{Between(s.Between)}:",
                            $"{s.Times} {(s.Times == 1 ? "vez" : "veces")}{Between(s.Between)}:"
                        ),
                    s.Note
                );
                foreach (var inner in s.Stages)
                {
                    Stage(level + 1, inner);
                }

                break;
            case Stage.Relay s:
                Add(level, label + Relay(s), s.Note);
                Block(level + 1, s.Items);
                break;
            default:
                OfStations(level, label, stage);
                break;
        }
    }

    private void Clock(int level, string label, Stage.Clock s)
    {
        Add(level, label + Say($"One clock of {Time(s.Time)}{But(s.Others)}:", $"Un solo reloj de {Time(s.Time)}{But(s.Others)}:"), s.Note);
        foreach (var piece in s.Pieces)
        {
            Add(
                level + 1,
                $"{piece.Label}: {For(piece.Goal)}"
                    + $"{(piece.InTimeLeft ? Say(", in what is left of the time", ", en el tiempo que quede") : "")}:",
                piece.Note
            );
            Block(level + 2, piece.Items);
        }
    }

    /// <summary>The rounds of a window that has nothing but rounds without end, with reps counted: the trade says it in one
    /// sentence.</summary>
    private static Work.Rounds? AsManyRounds(Goal goal, Eq<Work> items) =>
        goal == Goal.Reps && items is [Work.Rounds { HasNoEnd: true } only] ? only : null;

    private string Window(Stage.Window s)
    {
        var time = Time(s.Time) + But(s.Others);
        return WorkTree.Walk(s.Items).OfType<Work.Gate>().Any()
                ? $"{For(s.Goal)}; {Say($"{time} to the first gate:", $"{time} hasta el primer corte:")}"
            : s.Items is [Work.Task { Amount: Amount.Max or Amount.Heaviest or Amount.Highest }] ? Say($"In {time}:", $"En {time}:")
            : $"{For(s.Goal)}; {Say($"the clock ends after {time}:", $"el reloj acaba a los {time}:")}";
    }

    private string For(Goal goal) =>
        goal switch
        {
            Goal.Time => Say("For time: all of it, as fast as you can", "Por tiempo: todo, lo más rápido posible"),
            Goal.Height => Say("For height: as high as you can", "Por altura: lo más alto posible"),
            Goal.Load => Say("For load: as heavy as you can", "Por carga: lo más pesado posible"),
            Goal.Calories => Say("For calories: as many as you can", "Por calorías: tantas como se pueda"),
            Goal.Metres => Say("For metres: as many as you can", "Por metros: tantos como se pueda"),
            Goal.Points => Say("For points: as many as you can", "Por puntos: tantos como se pueda"),
            _ => Say("For reps: as many as you can", "Por repeticiones: tantas como se pueda"),
        };

    private string Between(Stage.Gap? gap) =>
        gap is not { } g ? ""
        : g.IsRest ? Say($", with a rest of {Time(g.Time)} between", $", con un descanso de {Time(g.Time)} entre ellas")
        : Say($", with {Time(g.Time)} to change between", $", con {Time(g.Time)} para cambiar entre ellas");

    private string Relay(Stage.Relay s) =>
        Say("Relay, one after the other. ", "Relevos, uno tras otro. ")
        + For(s.Goal)
        + "; "
        + (s.EachSame ? Say($"{Times(s.Times)} each", $"{Times(s.Times)} cada uno") : Times(s.Times))
        + Between(s.Between)
        + (s.Continues ? Say(". Each goes on where the one before stopped", ". Cada uno sigue donde paró el anterior") : "")
        + ":";

    private void OfStations(int level, string label, Stage stage)
    {
        switch (stage)
        {
            case Stage.Rota s:
                Add(
                    level,
                    label
                        + Say("All stations at once. ", "Todas las estaciones a la vez. ")
                        + For(s.Goal)
                        + Say(
                            $"; after each {Time(s.Each)} everybody moves on by one station",
                            $"; tras cada {Time(s.Each)} todos pasan a la estación siguiente"
                        )
                        + (s.Change is { } c ? Say($", with {Time(c)} to change", $", con {Time(c)} para cambiar") : "")
                        + (s.Turns is { } t ? Say($", {t} turns", $", {t} turnos") : "")
                        + (s.Silent ? Say("; the change is not called", "; el cambio no se avisa") : "")
                        + ":",
                    s.Note
                );
                Stations(level + 1, s.Stations);
                break;
            case Stage.Waves s:
                Add(
                    level,
                    label
                        + (s.By.Count > 0 ? tongue.Join(s.By.Select(Who)) : Say("The waves", "Las oleadas"))
                        + Say(" follow each other from station to station. ", " se siguen de estación en estación. ")
                        + For(s.Goal)
                        + Say($"; {Time(s.Each)} at each", $"; {Time(s.Each)} en cada una")
                        + (s.Change is { } change ? Say($", {Time(change)} to change", $", {Time(change)} para cambiar") : "")
                        + ":",
                    s.Note
                );
                Block(level + 1, s.Rules);
                Stations(level + 1, s.Stations);
                break;
            case Stage.SwapStations s:
                Add(
                    level,
                    label
                        + Say($"All stations at once, {Time(s.Time)}. ", $"Todas las estaciones a la vez, {Time(s.Time)}. ")
                        + For(s.Goal)
                        + Say($". When {s.SwapWhen} is done, they swap", $". Al terminar {s.SwapWhen}, se cambian")
                        + (s.Until is { } u ? Say($", until {u} is done", $", hasta terminar {u}") : "")
                        + ":",
                    s.Note
                );
                Stations(level + 1, s.Items);
                break;
            default:
                throw new InvalidOperationException("A stage without words.");
        }
    }

    private void Stations(int level, Eq<Station> stations)
    {
        foreach (var station in stations)
        {
            Add(level, Say("Station ", "Estación ") + station.Name + ":", station.Note);
            Block(level + 1, station.Items);
        }
    }
}
