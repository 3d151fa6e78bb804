using System.Globalization;
using FairCompass.Comparability.Training;
using FairCompass.Core.Languages;
using FairCompass.Core.Standards;
using FairCompass.Core.Standards.Figures.Reps;

namespace FairCompass.Web.Training;

/// <summary>Says what was found of somebody’s eyes.</summary>
public static class TrainingWords
{
    /// <summary>What a step is.</summary>
    public static string Step =>
        $"A step is {string.Join(" or ", Enum.GetValues<DeviationUnit>().Select(u => Of(Trainable.StepOf(u), u)))}, by what is judged.";

    /// <summary>A distance with its unit: <c>22 mm</c>.</summary>
    /// <param name="value">In the unit.</param>
    /// <param name="unit">The unit.</param>
    public static string Of(double value, DeviationUnit unit) =>
        (Math.Round(value) + 0.0).ToString("0", CultureInfo.InvariantCulture) + (unit == DeviationUnit.Degrees ? "°" : " " + UnitOf(unit));

    /// <summary>A unit, short.</summary>
    public static string UnitOf(DeviationUnit unit) =>
        unit switch
        {
            DeviationUnit.Millimetres => "mm",
            DeviationUnit.Degrees => "°",
            _ => "ms",
        };

    /// <summary>What a judge says who calls that a clause is broken: the call of its first fault.</summary>
    /// <param name="movement">The standard.</param>
    /// <param name="clause">One of its clauses.</param>
    public static Said CallOf(Movement movement, Clause clause) =>
        movement.Faults.FirstOrDefault(f => f.Breaks == clause.Id)?.Call ?? clause.Text;

    /// <summary>What is known of one clause.</summary>
    /// <param name="eye">What was found.</param>
    /// <param name="clauses">The clauses of what was trained, by id.</param>
    public static EyeShown Of(Eye eye, IReadOnlyDictionary<string, Said> clauses)
    {
        double? In(double? steps) => steps is { } s ? Math.Round(s * eye.Step, 1) : null;
        var d = eye.Detection;
        double? Sure(double value) => d.IsEnough ? Math.Round(value, 2) : null;
        return new(
            clauses.GetValueOrDefault(eye.Clause, (eye.Clause, eye.Clause)),
            eye.Movements,
            In(eye.Line?.Line),
            In(eye.Line?.LineLow),
            In(eye.Line?.LineHigh),
            In(eye.Line?.Spread),
            UnitOf(eye.Unit),
            eye.Line is { } line ? Mark(Of(line.Line * eye.Step, eye.Unit)) : null,
            eye.Line?.Calls ?? d.NoReps + d.Good,
            Sure(d.Sharpness),
            Sure(d.SharpnessWithin),
            Sure(d.Criterion),
            Sure(d.CriterionWithin),
            d.Hits,
            d.NoReps,
            d.FalseAlarms,
            d.Good,
            eye.Reasons?.Of ?? 0,
            eye.Time?.Value,
            Sentence(eye),
            Details(eye)
        );
    }

    /// <summary>A distance with its sign: above 0 inside.</summary>
    private static string Mark(string distance) =>
        distance[0] switch
        {
            '-' => "−" + distance[1..],
            '0' => distance,
            _ => "+" + distance,
        };

    /// <summary>The counts behind it, each with the interval that holds it 95 times in 100.</summary>
    private static Said Details(Eye eye)
    {
        var d = eye.Detection;
        string Of100(Share s, string to) => $"{Math.Max(0, Math.Round(100 * s.Low))} {to} {Math.Min(100, Math.Round(100 * s.High))}";
        string One(double value) => value.ToString("0.0", CultureInfo.InvariantCulture).Replace('-', '−');
        var parts = new List<Said>();
        if (d.NoReps > 0)
        {
            var called = new Share(d.Hits, d.NoReps);
            parts.Add(
                (
                    $"{d.Hits} of {d.NoReps} no-reps called ({Of100(called, "to")} of 100)",
                    $"{d.Hits} de {d.NoReps} nulas pitadas ({Of100(called, "a")} de 100)"
                )
            );
        }

        if (eye.Reasons is { } r)
        {
            parts.Add(
                (
                    $"{r.Of} of {r.All} with the right reason ({Of100(r, "to")} of 100)",
                    $"{r.Of} de {r.All} con el motivo correcto ({Of100(r, "a")} de 100)"
                )
            );
        }

        if (d.Good > 0)
        {
            var wrong = new Share(d.FalseAlarms, d.Good);
            parts.Add(
                (
                    $"{d.FalseAlarms} of {d.Good} good reps called no-reps ({Of100(wrong, "to")} of 100)",
                    $"{d.FalseAlarms} de {d.Good} buenas pitadas como nulas ({Of100(wrong, "a")} de 100)"
                )
            );
        }

        if (eye.Time is { } time)
        {
            parts.Add(After(time));
        }

        parts.Add(
            d.IsEnough
                ? new(
                    $"d′ {One(d.Sharpness)} ± {One(d.SharpnessWithin)}, c {One(d.Criterion)} ± {One(d.CriterionWithin)}",
                    $"d′ {One(d.Sharpness)} ± {One(d.SharpnessWithin)}, c {One(d.Criterion)} ± {One(d.CriterionWithin)}"
                )
                : ("too few to say d′ and c", "muy pocas para decir d′ y c")
        );
        return (string.Join("; ", parts.Select(p => p.English)) + ".", string.Join("; ", parts.Select(p => p.Spanish)) + ".");
    }

    private static Said After(Middle time)
    {
        string Seconds(int ms) => (ms / 1000.0).ToString("0.0", CultureInfo.InvariantCulture);
        return time is { Low: { } low, High: { } high }
            ? (
                $"called after {Seconds(time.Value)} s ({Seconds(low)} to {Seconds(high)})",
                $"decididas a los {Seconds(time.Value)} s ({Seconds(low)} a {Seconds(high)})"
            )
            : ($"called after {Seconds(time.Value)} s", $"decididas a los {Seconds(time.Value)} s");
    }

    /// <summary>Where the line is seen.</summary>
    private static Said Sentence(Eye eye)
    {
        var d = eye.Detection;
        if (eye.Line is not { } line)
        {
            return (
                $"{d.NoReps + d.Good} calls: too few to say where the line is seen.",
                $"{d.NoReps + d.Good} decisiones: muy pocas para decir dónde se ve la línea."
            );
        }

        if (d.Hits + d.FalseAlarms is 0 || (d.Hits == d.NoReps && d.FalseAlarms == d.Good))
        {
            return (
                "Every rep was called alike, so nothing can be said of the line.",
                "Todas las repeticiones se decidieron igual: nada se puede decir de la línea."
            );
        }

        string At(double steps) => Of(steps * eye.Step, eye.Unit);
        Said sharp = (
            $" Within some {At(line.Spread)} of it calls go either way.",
            $" A unos {At(line.Spread)} de ella se decide de un modo u otro."
        );
        Said again = line.IsOff ? (" Sittings ask for it again.", " Las sesiones vuelven a preguntarla.") : ("", "");
        Said where =
            line.LineLow > 0
                ? (
                    $"Strict: no-reps are called up to {At(line.Line)} inside the line ({At(line.LineLow)} to {At(line.LineHigh)}).",
                    $"Estricto: se pitan nulas hasta {At(line.Line)} por dentro de la línea ({At(line.LineLow)} a {At(line.LineHigh)})."
                )
            : line.LineHigh < 0
                ? (
                    $"Lenient: good reps are called down to {At(-line.Line)} outside the line "
                        + $"({At(-line.LineHigh)} to {At(-line.LineLow)}).",
                    $"Permisivo: se dan por buenas hasta {At(-line.Line)} por fuera de la línea "
                        + $"({At(-line.LineHigh)} a {At(-line.LineLow)})."
                )
            : (
                $"On the line as far as can be told: between {At(-line.LineLow)} outside and {At(line.LineHigh)} inside.",
                $"En la línea, hasta donde se puede saber: entre {At(-line.LineLow)} por fuera y {At(line.LineHigh)} por dentro."
            );
        return (where.English + sharp.English + again.English, where.Spanish + sharp.Spanish + again.Spanish);
    }

    /// <summary>What else there is to say of somebody’s calls.</summary>
    /// <param name="said">The calls.</param>
    /// <param name="stills">True where still pictures were shown.</param>
    public static IReadOnlyList<Said> Remarks(IReadOnlyCollection<Called> said, bool stills)
    {
        var all = new List<Said>();
        var blind = said.Count(c => c.Call != Call.Unseen && !c.WasSeen);
        if (blind > 0)
        {
            all.Add(
                (
                    $"{Core.Text.Words.Count(blind, "call")} came before the judged moment or within {Called.Fastest} ms of it, "
                        + "faster than anybody sees: left out.",
                    $"Decisiones antes del momento que se juzga o a menos de {Called.Fastest} ms de él, más rápido de lo que nadie ve: "
                        + $"{blind}. No cuentan."
                )
            );
        }

        var unseen = said.Count(c => c.Call == Call.Unseen);
        if (unseen > 0)
        {
            all.Add(
                (
                    $"{Core.Text.Words.Count(unseen, "rep")} not seen or not called in time: left out.",
                    $"Repeticiones que no se vieron o no se decidieron a tiempo: {unseen}. No cuentan."
                )
            );
        }

        if (said.Count > 0)
        {
            all.Add(Tires(Eye.Tiring(said)));
            all.Add(Changed(Eye.Change(said)));
        }

        if (stills)
        {
            all.Add(
                (
                    "Some sittings showed still pictures in place of films; times to a call are not those of films.",
                    "Algunas sesiones mostraron imágenes fijas en vez de película; los tiempos de decisión no son los de una película."
                )
            );
        }

        return all;
    }

    /// <summary>Whether calls get worse in a sitting, over the part that everybody gets.</summary>
    private static Said Tires((double Value, double Low, double High)? by)
    {
        if (by is not { } change)
        {
            return ("Whether a sitting tires: too few calls to say.", "Si una sesión cansa: muy pocas decisiones para decirlo.");
        }

        var within = Within(change);
        return change.High < 0
                ? (
                    $"The second half of sittings is worse than the first, which is tiring: {within.English}.",
                    $"La segunda mitad de las sesiones es peor que la primera, señal de cansancio: {within.Spanish}."
                )
            : change.Low > 0
                ? (
                    $"The second half of sittings is better than the first: {within.English}.",
                    $"La segunda mitad de las sesiones es mejor que la primera: {within.Spanish}."
                )
            : (
                $"Between the halves of sittings, no change that can be told: {within.English}.",
                $"Entre las dos mitades de las sesiones no se distingue ningún cambio: {within.Spanish}."
            );
    }

    /// <summary>Whether the newest test is another than those before.</summary>
    private static Said Changed((double Value, double Low, double High)? by)
    {
        if (by is not { } change)
        {
            return ("From test to test: too few calls to say.", "De examen a examen: muy pocas decisiones para decirlo.");
        }

        var within = Within(change);
        return change.Low > 0
                ? (
                    $"The newest test is better than those before: {within.English}.",
                    $"El último examen es mejor que los anteriores: {within.Spanish}."
                )
            : change.High < 0
                ? (
                    $"The newest test is worse than those before: {within.English}.",
                    $"El último examen es peor que los anteriores: {within.Spanish}."
                )
            : (
                $"From the tests before to the newest, no change that can be told: {within.English}.",
                $"De los exámenes anteriores al último no se distingue ningún cambio: {within.Spanish}."
            );
    }

    private static Said Within((double Value, double Low, double High) change)
    {
        string Points(double by) => (Math.Round(100 * by) + 0.0).ToString("+0;-0;0", CultureInfo.InvariantCulture);
        return (
            $"{Points(change.Low)} to {Points(change.High)} of 100 right calls",
            $"de {Points(change.Low)} a {Points(change.High)} aciertos de cada 100"
        );
    }

    /// <summary>What a rep was.</summary>
    /// <param name="rep">The rep.</param>
    /// <param name="movement">Its standard.</param>
    /// <param name="again">True where it was asked for again since its line had been seen off.</param>
    public static Said TruthOf(Rep rep, Movement movement, bool again = false)
    {
        var each = rep
            .Truths.Select<RepTruth, Said>(t =>
            {
                var text = movement.Clauses.First(c => c.Id == t.Clause).Text;
                var by = Of(Math.Abs((double)t.Margin), t.Unit);
                return t.Holds
                    ? ($"Good, {by} inside the line. {text.English}", $"Buena, {by} por dentro de la línea. {Own(text)}")
                    : ($"No-rep, {by} outside the line. {text.English}", $"Nula, {by} por fuera de la línea. {Own(text)}");
            })
            .ToList();
        if (again)
        {
            each.Add(("Asked again: so far you see this line elsewhere.", "Otra vez esta regla: hasta ahora ves su línea en otro sitio."));
        }

        return (string.Join(' ', each.Select(e => e.English)), string.Join(' ', each.Select(e => e.Spanish)));
    }

    /// <summary>In Spanish, or in the words of whoever wrote it.</summary>
    private static string Own(Said text) => text.In(Language.Spanish);
}
