using FairCompass.Core.Courses;
using FairCompass.Core.Languages;
using FairCompass.Core.Quantities;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Scoring;

/// <summary>Says a scoring rule in sentences.</summary>
public static partial class ScoreSentences
{
    /// <summary>The rule of one score in English, a sentence each.</summary>
    public static Eq<string> Of(ScoreComponent c, ScoreSheet sheet, Course course) => Of(c, sheet, course, Tongue.English);

    /// <summary>The rule of one score in a language, a sentence each.</summary>
    public static Eq<string> Of(ScoreComponent c, ScoreSheet sheet, Course course, Tongue tongue)
    {
        var term = c.Word == "m" ? Term.Metre : Term.Of(c.Word);
        var pieces = c.Pieces.Select(k => course.Piece(k)!).ToList();
        var of =
            c.Source.Of.Count > 0
                ? tongue.Join(c.Source.Of.Select(w => string.Join(tongue.Say(" and ", " y "), w.Names.Select(tongue.Name))))
            : pieces.All(p => !p.Piece.IsNamed) || pieces.Count > 4 ? tongue.Say("the work", "todo el trabajo")
            : tongue.Join(pieces.Select(p => p.Piece.NameIn(tongue)));
        var lines = new List<string> { Is(c, sheet, course, of, term, tongue) };
        lines.AddRange(PartialSentence.Of(c.Source, tongue));
        lines.AddRange(FaultCost.Sentences(c.Source, tongue));
        if (c.Measured is Measured.Units && c.Tally.Of == TallyOf.Credit)
        {
            lines.AddRange(WorthOf(pieces, tongue));
        }

        lines.AddRange(CapSentence(c, pieces[0], term, tongue));
        if (c.Weight != 1)
        {
            lines.Add(
                tongue.Say(
                    $"It weighs {Number.Normal(c.Weight)} in the overall table.",
                    $"Pesa {Number.Normal(c.Weight)} en la clasificación general."
                )
            );
        }

        if (c.Before is { } before)
        {
            lines.Add(Unreached(c, course.Piece(before)!.Piece.NameIn(tongue), tongue));
        }

        lines.Add(TieRule(c, sheet, tongue));
        if (c.Measured == Measured.Height)
        {
            lines.Add(NoHeight(tongue));
        }

        if (c.Measured is Measured.Load or Measured.SumOfLoads)
        {
            lines.Add(Without(c, course.Address.Division.IsTeam, tongue));
            lines.Add(
                c.NoGoodLift == LifterWithout.NotScored
                    ? ""
                    : tongue.Say(
                        "Tried without a good lift ranks before zero, zero before not reached.",
                        "Intentar sin levantamiento válido queda delante de cero; cero, delante de no haber llegado."
                    )
            );
        }

        lines.Add(AfterAll(tongue));
        return lines.Where(l => l.Length > 0).ToEq();
    }

    private static IEnumerable<string> CapSentence(ScoreComponent c, CoursePiece first, Term term, Tongue tongue) =>
        c.Measured != Measured.Time ? []
        : c.Selection is { Lowest: var slowest } ? [CycleSentences.AtTheCap(slowest, c, term, tongue)]
        : [AtTheCap(c, first.Limit ?? new Limit(Duration.Zero, []), term, tongue)];

    /// <summary>What a sum is when one of its lifts is missing; nothing for a score of one lift.</summary>
    private static string Without(ScoreComponent c, bool team, Tongue tongue)
    {
        var when = team
            ? tongue.Say("When one lifter has no good lift, ", "Si un atleta no tiene ningún levantamiento válido, ")
            : tongue.Say("Without a good lift in one of the parts ", "Sin levantamiento válido en una de las partes, ");
        return c.Measured != Measured.SumOfLoads
            ? ""
            : c.NoGoodLift switch
            {
                LifterWithout.Zero => when
                    + tongue.Say("the sum is zero, as if there were none.", "la suma es cero, como si no hubiera ninguno."),
                LifterWithout.NotScored => when
                    + tongue.Say(
                        "there is no score; that ranks behind all who have one, before withdrawn.",
                        "no hay puntuación; queda detrás de quienes la tienen y delante de los retirados."
                    ),
                LifterWithout.OthersStand => when + tongue.Say("the other lifts are the sum.", "la suma es la de los demás."),
                _ when team => tongue.Say(
                    "Nobody has said what the sum is when one lifter has no good lift.",
                    "Nadie ha dicho cuánto es la suma si un atleta no tiene ningún levantamiento válido."
                ),
                _ => tongue.Say(
                    "Nobody has said what the sum is without a good lift in one of the parts.",
                    "Nadie ha dicho cuánto es la suma sin levantamiento válido en una de las partes."
                ),
            };
    }

    /// <summary>What the score is when the part before it is not finished.</summary>
    private static string Unreached(ScoreComponent c, string name, Tongue tongue)
    {
        return c.NotReachedIsZero switch
        {
            null => tongue.Say(
                $"Nobody has said what this score is when {name} is not finished.",
                $"Nadie ha dicho cuánto es esta puntuación si no se termina {name}."
            ),
            true => tongue.Say($"Who does not finish {name} scores zero here.", $"Quien no termina {name} tiene aquí cero."),
            false => tongue.Say(
                $"Who does not finish {name} never reached this part and ranks after all who did.",
                $"Quien no termina {name} no llegó a esta parte y queda detrás de todos los que llegaron."
            ),
        };
    }

    /// <summary>How somebody is scored who does not finish.</summary>
    private static string AtTheCap(ScoreComponent c, Limit limit, Term term, Tongue tongue)
    {
        var cap =
            limit.Gates.Count == 0
                ? limit.Base.ToString()
                : tongue.Say(
                    $"{limit.Base}, or {limit.Longest} past "
                        + $"{(limit.Gates.Count == 1 ? $"the gate at {limit.Gates[0].Units}" : "the last gate")},",
                    $"{limit.Base}, o {limit.Longest} pasada "
                        + $"{(limit.Gates.Count == 1 ? $"el corte de {limit.Gates[0].Units}" : "el último corte")},"
                );
        return c.Cap switch
        {
            CapRule.CapLine => tongue.Say(
                $"Who does not finish inside {cap} ranks after every finisher, by {c.Words} done.",
                $"Quien no termina en {cap} queda detrás de todos los que terminan, por {term.Many.Spanish} "
                    + $"{(term.Feminine ? "hechas" : "hechos")}."
            ),
            CapRule.Penalty p => tongue.Say(
                $"Who does not finish gets {(limit.Gates.Count > 0 ? $"the longest cap, {limit.Longest}," : limit.Base)}"
                    + $" plus {p.Each} for each missing {c.Word}.",
                "Quien no termina recibe "
                    + $"{(limit.Gates.Count > 0 ? $"el tope más largo, {limit.Longest}," : limit.Base)} más {p.Each} por cada "
                    + $"{term.One.Spanish} que falta."
            ),
            CapRule.AddDone => tongue.Say(
                "The rule for the cap ranks more work lower and cannot be used.",
                "La regla del tope pone más trabajo por detrás y no se puede usar."
            ),
            _ => tongue.Say("Nobody has said how somebody is scored who does not finish.", "Nadie ha dicho cómo puntúa quien no termina."),
        };
    }

    /// <summary>What the score is, and which way is better.</summary>
    private static string Is(ScoreComponent c, ScoreSheet sheet, Course course, string of, Term term, Tongue tongue)
    {
        var team = course.Address.Division.IsTeam;
        var ends = course.Piece(c.Pieces[0])!.Plain is { EndsWork: true };
        return Words.Capital(c.NameIn(tongue))
            + tongue.Say(" is ", ": ")
            + c.Measured switch
            {
                Measured.Time when c.Selection is { Lowest: var slowest } => CycleSentences.Is(slowest, Resolution(sheet, tongue), tongue),
                Measured.Time => tongue.Say(
                    $"the time of {of}{(c.ByHallClock ? " on the hall clock" : "")}, {Resolution(sheet, tongue)}. Less is better.",
                    $"el tiempo de {of}{(c.ByHallClock ? " en el reloj de la sala" : "")}, {Resolution(sheet, tongue)}. Menos es mejor."
                ),
                Measured.Height => tongue.Say(
                    $"the last height made of {of}. Higher is better; of equal heights fewer misses at it, then fewer in all.",
                    $"la última altura válida de {of}. Más alto es mejor; a igual altura, menos fallos en ella y luego menos en total."
                ),
                Measured.Load => tongue.Say(
                    $"the heaviest good lift of {of}. More is better.",
                    $"el levantamiento válido más pesado de {of}. Más es mejor."
                ),
                _ when c.Selection is { } pick => Picked(pick, c, of, term, tongue),
                Measured.SumOfLoads when !team => tongue.Say(
                    $"the sum of the heaviest good lift of each of {of}. More is better.",
                    $"la suma del levantamiento válido más pesado de cada parte: {of}. Más es mejor."
                ),
                Measured.SumOfLoads => tongue.Say(
                    $"the sum of each lifter’s heaviest good lift of {of}. More is better.",
                    $"la suma del levantamiento válido más pesado de cada atleta en {of}. Más es mejor."
                ),
                Measured.Intervals => tongue.Say(
                    $"the intervals of {of} that were finished" + $"{(ends ? ", then what was done of the next" : "")}. More is better.",
                    $"los intervalos terminados de {of}" + $"{(ends ? ", y luego lo hecho del siguiente" : "")}. Más es mejor."
                ),
                Measured.RoundsAndUnits => tongue.Say(
                    $"the full rounds and further reps of {of}. More is better.",
                    $"las rondas completas y las repeticiones siguientes de {of}. Más es mejor."
                ),
                _ => tongue.Say(
                    $"the {c.Words} of {of}. More is better.",
                    $"{(term.Feminine ? "las" : "los")} {term.Many.Spanish} de {of}. Más es mejor."
                ),
            };
    }

    private static string Picked(Selection pick, ScoreComponent c, string of, Term term, Tongue tongue)
    {
        var (one, many, uno, muchos) = pick.Of switch
        {
            SelectionOf.Cycle => ("cycle", "cycles", "el ciclo", "ciclos"),
            SelectionOf.Member => ("member", "members", "el miembro", "miembros"),
            _ => ("lift", "good lifts", "el levantamiento", "levantamientos válidos"),
        };
        return pick switch
        {
            { Of: SelectionOf.Load } => tongue.Say(
                $"the sum of each lifter’s best {pick.N} good lifts of {of}. More is better.",
                $"la suma de los {pick.N} mejores levantamientos válidos de cada atleta en {of}. Más es mejor."
            ),
            { Lowest: true } => tongue.Say(
                $"the {c.Words} of the lowest {one} of {of}. More is better.",
                $"{term.Many.Spanish} de {of} en {uno} más bajo. Más es mejor."
            ),
            { N: 1 } => tongue.Say(
                $"the {c.Words} of the best {one} of {of}. More is better.",
                $"{term.Many.Spanish} de {of} en {uno} mejor. Más es mejor."
            ),
            _ => tongue.Say(
                $"the sum of the {c.Words} of the best {pick.N} {many} of {of}. More is better.",
                $"la suma de {term.Many.Spanish} de {of} en los {pick.N} mejores {muchos}. Más es mejor."
            ),
        };
    }

    /// <summary>The bell and further rulings of the workout in English, a sentence each.</summary>
    public static Eq<string> Rulings(Workout workout) => Rulings(workout, Tongue.English);

    /// <summary>The bell and further rulings of the workout in a language, a sentence each.</summary>
    public static Eq<string> Rulings(Workout workout, Tongue tongue) =>
        workout
            .Policies.Select(p => Ruling(p, tongue))
            .Concat(
                workout
                    .Headers.OfType<Header.Video>()
                    .Select(v =>
                        v.NoRep
                            ? tongue.Say(
                                "A rep that cannot be verified on the video is no rep.",
                                "Una repetición que no se puede comprobar en el vídeo no cuenta."
                            )
                            : tongue.Say(
                                "A rep that cannot be verified on the video leaves the score open.",
                                "Una repetición que no se puede comprobar en el vídeo deja abierta la puntuación."
                            )
                    )
            )
            .Concat(
                workout
                    .Headers.OfType<Header.Levels>()
                    .Where(l => l.BoardEach)
                    .Select(l =>
                        tongue.Say(
                            $"{Words.Join(l.Names.Select(n => n.ToString()))} are ranked on boards of their own.",
                            $"{tongue.Join(l.Names.Select(n => n.ToString()))} tienen clasificaciones propias."
                        )
                    )
            )
            .Where(x => x.Length > 0)
            .ToEq();

    private static string Ruling(Policy policy, Tongue tongue) =>
        policy switch
        {
            Policy.Bell b => tongue.Say(
                $"At the bell a {(b.Of == VoidedUnit.Lift ? "lift" : "rep")} counts when it is "
                    + b.When switch
                    {
                        BellWhen.Begun => "begun before the bell",
                        BellWhen.Finished => "finished before the bell",
                        _ => "finished and steady before the bell",
                    }
                    + ".",
                $"Con la señal, {(b.Of == VoidedUnit.Lift ? "un levantamiento" : "una repetición")} cuenta si "
                    + b.When switch
                    {
                        BellWhen.Begun => "empezó antes de la señal",
                        BellWhen.Finished => "terminó antes de la señal",
                        _ => "terminó y estaba estable antes de la señal",
                    }
                    + "."
            ),
            Policy.GateOnSecond g => tongue.Say(
                $"A gate reached exactly on its second is {(g.Counts ? "passed" : "missed")}.",
                $"Un corte alcanzado justo en su segundo {(g.Counts ? "se pasa" : "no se pasa")}."
            ),
            Policy.Attempts a => tongue.Say(
                $"Of {(a.N is { } n ? Words.Count(n, "submission") : "all submissions")} the {(a.Best ? "best" : "last")} counts.",
                $"De {(a.N is { } many ? tongue.Count(many, Term.Submission) : "todos los envíos")} cuenta el "
                    + $"{(a.Best ? "mejor" : "último")}."
            ),
            Policy.Clips c => tongue.Say(
                $"A lift without clips {(c.WithoutCounts ? "counts" : "does not count")}.",
                $"Un levantamiento sin cierres {(c.WithoutCounts ? "cuenta" : "no cuenta")}."
            ),
            Policy.Club c => tongue.Say(
                $"A club’s table takes the best {Words.Count(c.Best, "member")}.",
                $"La tabla de un club toma los {tongue.Count(c.Best, Term.Member)} mejores."
            ),
            Policy.Timing t => tongue.Say("Times are read ", "Los tiempos se leen ")
                + t.Resolution switch
                {
                    TimeResolution.TenthsByHand => tongue.Say(
                        "by hand, up to the next tenth of a second; of two watches the longer counts, of three the middle one.",
                        "a mano, hasta la décima de segundo siguiente; de dos cronómetros cuenta el más largo, de tres " + "el del medio."
                    ),
                    TimeResolution.Hundredths => tongue.Say(
                        "up to the next hundredth of a second.",
                        "hasta la centésima de segundo siguiente."
                    ),
                    _ => tongue.Say("in whole seconds.", "en segundos enteros."),
                },
            _ => "",
        };

    private static string Resolution(ScoreSheet sheet, Tongue tongue) =>
        sheet.Resolution switch
        {
            TimeResolution.TenthsByHand => tongue.Say(
                "by hand, up to the next tenth of a second",
                "a mano, hasta la décima de segundo siguiente"
            ),
            TimeResolution.Hundredths => tongue.Say("up to the next hundredth of a second", "hasta la centésima de segundo siguiente"),
            _ => tongue.Say("in whole seconds off the hall clock", "en segundos enteros del reloj de la sala"),
        };

    /// <summary>What does not count one for one, a sentence each.</summary>
    private static IEnumerable<string> WorthOf(List<CoursePiece> pieces, Tongue tongue) =>
        pieces
            .SelectMany(p => p.Tasks)
            .Select(t =>
            {
                var options =
                    t.Options.Count > 0
                        ? t.Options.Select(o => (Name: o.NameIn(tongue), Words: CreditWords.Of(o.Unit, o.Count, tongue)))
                        : [(Name: tongue.Movement(t.Prescription.Movement.Value), Words: CreditWords.Of(t.Counted, t.Count, tongue))];
                var said = options.Where(o => o.Words is not null).Select(o => $"{o.Name}: {o.Words}").ToList();
                return said.Count == 0 ? "" : Words.Capital(string.Join("; ", said)) + ".";
            })
            .Where(s => s.Length > 0)
            .Distinct();
}
