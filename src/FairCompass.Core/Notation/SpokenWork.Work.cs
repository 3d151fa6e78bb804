using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Notation;

/// <content>What athletes do.</content>
public sealed partial class SpokenWork
{
    private void Work(int level, Work work)
    {
        switch (work)
        {
            case Work.Task w:
                Task(level, w);
                break;
            case Work.Rounds w:
                Add(level, Rounds(w), w.Note);
                Block(level + 1, w.Items);
                break;
            case Work.Scheme w:
                Add(level, Say($"{Figures(w.Of)} of each:", $"{Figures(w.Of)} de cada uno:"), w.Note);
                Block(level + 1, w.Items);
                break;
            case Work.Every w:
                Every(level, w);
                break;
            case Work.Complex w:
                Add(level, Say("Several lifts with one bar", "Varios levantamientos con una barra") + Details(w.Details) + ":", w.Note);
                foreach (var lift in w.Lifts)
                {
                    Task(level + 1, lift);
                }

                TaskLines(level + 1, w.Lines);
                break;
            case Work.AnyOrder w:
                Add(level, Say("In any order:", "En cualquier orden:"), w.Note);
                Block(level + 1, w.Items);
                break;
            case Work.GroupOf w:
                Add(level, Group(w), w.Note);
                Block(level + 1, w.Items);
                break;
            default:
                OfOneLine(level, work);
                break;
        }
    }

    private string Rounds(Work.Rounds w)
    {
        if (w.HasNoEnd)
        {
            return Say("Round after round, as many as possible, of:", "Ronda tras ronda, tantas como se pueda, de:");
        }

        var others = w.Others.Select(o => $"{tongue.Join(o.For.Select(Who))}: {Rounds(o.Times)}").ToList();
        return Rounds(w.Times) + (others.Count == 0 ? "" : $" ({string.Join("; ", others)})") + Say(" of:", " de:");
    }

    private string Rounds(int? times) => times is { } n ? tongue.Count(n, Term.Round) : Say("Rounds (unset)", "Rondas (sin fijar)");

    private string Group(Work.GroupOf w) =>
        w.Others.Count == 0
            ? Say($"Group {w.Name}:", $"Grupo {w.Name}:")
            : Say($"Groups {tongue.Join(w.Names)}, each for itself:", $"Grupos {tongue.Join(w.Names)}, cada uno por su cuenta:");

    private void Every(int level, Work.Every w)
    {
        var each = Time(w.Each) + But(w.Others);
        if (w.IsPlain)
        {
            Add(level, Say($"Anew every {each}:", $"De nuevo cada {each}:"), w.Note);
            Block(level + 1, w.First);
        }
        else
        {
            Add(level, Say($"Every {each}, first:", $"Cada {each}, primero:"), w.Note);
            Block(level + 1, w.First);
            Add(level, Say("In the rest of the interval:", "En el resto del intervalo:"), null);
            Block(level + 1, w.Then);
        }

        if (Late(w) is { Length: > 0 } late)
        {
            Add(level, late, null);
        }
    }

    /// <summary>What becomes of an interval that was not finished, in sentences; empty where nobody has said.</summary>
    private string Late(Work.Every w)
    {
        var first = w.IsPlain ? Say("an interval", "un intervalo") : Say("the first work", "el primer trabajo");
        string[] sentences =
        [
            w.EndsWork
                ? Say($"Who does not finish {first} has no further one.", $"Quien no termina {first} no sigue.")
                : w.CarriesOver switch
                {
                    true => Say(
                        "What is not finished is done first in the next interval.",
                        "Lo que no se termina se hace primero en el intervalo siguiente."
                    ),
                    false => Say(
                        "What is not finished is left; the next interval begins anew.",
                        "Lo que no se termina se deja; el intervalo siguiente empieza de nuevo."
                    ),
                    null => "",
                },
            w.Counts switch
            {
                true => Say("What was done of it counts.", "Cuenta lo que se hizo."),
                false => Say("Nothing of an unfinished interval counts.", "De un intervalo sin terminar no cuenta nada."),
                null => "",
            },
        ];
        return string.Join(' ', sentences.Where(s => s.Length > 0));
    }

    private void OfOneLine(int level, Work work)
    {
        switch (work)
        {
            case Work.OwnRest w:
                Add(
                    level,
                    Say(
                        $"Then rest {Time(w.Time)}{But(w.Others)} from your own finish; the judge starts you again.",
                        $"Después, descanso de {Time(w.Time)}{But(w.Others)} desde que cada uno termina; el juez da la salida."
                    ),
                    w.Note
                );
                break;
            case Work.Checkpoint w:
                var round = w.OnlyRound is { } only ? Say($" in round {only} only", $" solo en la ronda {only}") : "";
                Add(
                    level,
                    Say($"Checkpoint {w.Name}{round}: the time is read.", $"Punto de control {w.Name}{round}: se lee el tiempo."),
                    w.Note
                );
                break;
            case Work.Gate w:
                Add(level, Gate(w), w.Note);
                break;
            case Work.RuleLine w:
                Add(level, Rule(w.Rule), w.Note);
                break;
            default:
                throw new InvalidOperationException("A line of work without words.");
        }
    }

    private string Gate(Work.Gate w)
    {
        var round = w.OnlyRound is { } only ? Say($" at the end of round {only}", $" al final de la ronda {only}") : "";
        var more = Times(w.Adds) + But(w.Others);
        return Say(
            $"Gate{round}: who has done all before it in time goes on and has {more} more; everybody else stops.",
            $"Corte{round}: quien llega a tiempo con todo hecho sigue y tiene {more} más; los demás paran."
        );
    }

    private void Task(int level, Work.Task task)
    {
        Add(level, Named(task.Amount, task.Movement) + Details(task.Details), task.Note);
        TaskLines(level + 1, task.Lines, HeadsChoices(task));
    }

    /// <summary>True where a task without a load of its own only heads the choices that have one.</summary>
    private static bool HeadsChoices(Work.Task task) =>
        !task.Details.Any(d => d is Detail.Load)
        && task.Lines.OfType<TaskLine.Override>().Any(o => o.Choose && o.Movement is null && o.Details.Any(d => d is Detail.Load));

    private void TaskLines(int level, Eq<TaskLine> items, bool heads = false)
    {
        foreach (var line in items)
        {
            var text = line switch
            {
                TaskLine.Override o => Override(o, heads),
                TaskLine.Between b => (
                    b.AfterLast ? Say("After each part: ", "Después de cada parte: ") : Say("Between the parts: ", "Entre las partes: ")
                )
                    + Named(b.Amount, b.Movement)
                    + Details(b.Details),
                TaskLine.Then t => Say("Then, without putting it down: ", "Después, sin soltar: ")
                    + $"{t.Reps} {tongue.MovementFor(t.Reps, t.Movement)}",
                TaskLine.Attempt a => Say("An attempt is a ", "Un intento es: ") + tongue.MovementFor(1, a.Movement),
                TaskLine.RuleOf r => Rule(r.Rule),
                _ => throw new InvalidOperationException("A line of a task without words."),
            };
            Add(level, text, line.Note);
        }
    }

    private string Override(TaskLine.Override o, bool heads)
    {
        var when = o.When switch
        {
            ChoiceTime.Once => Say(", once for all", ", una vez"),
            ChoiceTime.EachRound => Say(", anew in each round", ", en cada ronda"),
            ChoiceTime.RepByRep => Say(", anew at each rep", ", repetición a repetición"),
            _ => "",
        };
        var head = o.Choose ? [.. o.For.Select(Who), heads ? Say("choice", "opción") : Say("or", "o bien")] : o.For.Select(Who);
        var work =
            o.Movement is { } m ? Named(o.Amount, m)
            : o.Amount is { } a ? Alone(a, tongue)
            : "";
        var details = o.Details.Select(Detail).ToList();
        return $"{Text.Words.Capital(tongue.Join(head))}{when}: " + string.Join(", ", work.Length > 0 ? details.Prepend(work) : details);
    }
}
