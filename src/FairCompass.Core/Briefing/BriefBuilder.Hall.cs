using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.Languages;
using FairCompass.Core.LayingOut;
using FairCompass.Core.Notation;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>The papers of the hall: who calls, and who moves kit.</summary>
public sealed partial class BriefBuilder
{
    private IEnumerable<BriefSection> Caller() =>
        Clocks().Where(c => c.Calls.Count > 0).ToList() is { Count: > 0 } clocks
            ? [EveryCall(clocks), .. GoesOn(clocks), .. NobodyCalls(clocks), BeforeGo()]
            : [];

    private BriefSection EveryCall(IReadOnlyList<SharedClock> clocks) =>
        new(
            "calls",
            Say("Every call", "Todos los avisos"),
            clocks
                .Select(clock =>
                    (BriefBlock)
                        new BriefBlock.Table(
                            WhoseOf(clock),
                            [Say("Clock", "Reloj"), Say("Say", "Di"), Say("Said", "Dicho")],
                            clock.Calls.Select(c => new BriefRow([Cite($"call/{c.At.Ms}", c.At.ToString()), Spoken(c), ""])).ToEq()
                        )
                )
                .ToEq()
        );

    private IEnumerable<BriefSection> GoesOn(IReadOnlyList<SharedClock> clocks)
    {
        var forks = clocks.SelectMany(c => c.Forks).ToList();
        if (forks.Count > 0)
        {
            yield return new(
                "forks",
                Say("Where the clock goes on for some", "Donde el reloj sigue para algunos"),
                [
                    new BriefBlock.Table(
                        null,
                        [
                            Say("Clock", "Reloj"),
                            Say("Who has done", "Quien ha hecho"),
                            Say("goes on until", "sigue hasta"),
                            Say("all others", "los demás"),
                        ],
                        forks
                            .Select(f =>
                                Cited(
                                    $"fork/{f[0].Value.At.Ms}",
                                    new([
                                        f[0].Value.At.ToString(),
                                        EachOf(f, x => Figure(x.Counted)),
                                        f[0].Value.Until.ToString(),
                                        Say("stop", "paran"),
                                    ])
                                )
                            )
                            .ToEq()
                    ),
                ]
            );
        }
    }

    private IEnumerable<BriefSection> NobodyCalls(IReadOnlyList<SharedClock> clocks)
    {
        var silent = clocks.SelectMany(c => c.Hall.Spans).Where(s => s.Silent).Select(s => s.Starts).Distinct().ToList();
        if (silent.Count > 0)
        {
            yield return new(
                "silent",
                Say("Where nobody calls", "Donde nadie avisa"),
                [
                    new BriefBlock.Points([
                        .. silent.Select(at =>
                            Cite(
                                $"span/{at.Ms}",
                                Say($"{at}: the clock rolling over is the call.", $"{at}: el aviso es que el reloj vuelve a empezar.")
                            )
                        ),
                    ]),
                ]
            );
        }
    }

    private BriefSection BeforeGo() =>
        new(
            "before",
            Say("Before “go”", "Antes de «ya»"),
            [
                new BriefBlock.Points([
                    Say(
                        "Ask the head judge: judges ready, kit ready, lanes clear.",
                        "Pregunta al juez principal: jueces listos, material listo, calles libres."
                    ),
                    Say("The clock that all can see is the only one.", "El reloj que todos ven es el único."),
                    Say(
                        "Anyone may stop a lane; the caller does not restart it: the head judge does.",
                        "Cualquiera puede parar una calle; quien avisa no la reinicia: lo hace el juez principal."
                    ),
                ]),
            ]
        );

    private IEnumerable<BriefSection> Crew() =>
        [
            LaidOut(),
            .. KitOfALane(),
            .. RungByRung(),
            .. Changed(),
            .. FromHeatToHeat(),
            .. MinutesOfTheHall(),
            RulesOfTheCrew(),
            CautionsOf(),
        ];

    private Eq<LaneThing>? laidOut;

    private Eq<LaneThing> Things => laidOut ??= LayOut.Of(u.Competition, shown.Select(i => u.Courses[i]), tongue);

    /// <summary>Everything that stands, hangs or lies in a lane before the first heat, from the one list of it.</summary>
    private BriefSection LaidOut()
    {
        var things = Things;
        var everybody = shown.Select(i => u.Courses[i].Address).ToList();
        var lanes = u.Competition.Kit.Lanes;
        return new(
            "layout",
            Say("Lay out before the first heat", "Preparar antes de la primera tanda"),
            [
                things.Count == 0
                    ? new BriefBlock.Paragraph(
                        Say("Nothing is needed yet: no work is written.", "Aún no hace falta nada: no hay trabajo escrito.")
                    )
                    : new BriefBlock.Table(
                        null,
                        [
                            Say("In a lane", "En una calle"),
                            Say("Number", "Número"),
                            .. lanes is { } n
                                ? new[] { Cite("lanes", Say($"In {n} lanes", $"En {n} calles")) }
                                : Enumerable.Empty<string>(),
                            Say("Load or height", "Carga o altura"),
                            Say("Lane of", "Calle de"),
                        ],
                        things.Select(t => LaidOut(t, lanes, everybody)).ToEq()
                    ),
            ]
        );
    }

    private BriefRow LaidOut(LaneThing thing, int? lanes, IReadOnlyCollection<Address> everybody) =>
        Cited(
            $"layout/{thing.Name.English}/{string.Join(' ', thing.For)}",
            new([
                Words.Capital(tongue.Say(thing.Name)),
                Figure(thing.Count),
                .. lanes is { } n ? new[] { Figure(thing.Count * n) } : Enumerable.Empty<string>(),
                thing.Size,
                WhoOf(thing.For, everybody),
            ])
        );

    private IEnumerable<BriefSection> KitOfALane()
    {
        // Which movement has which load and plates; without loads and heights the list above says everything.
        if (SetUp(columns.Select(i => u.Resolver.Columns[i]).ToList(), own: false) is { Count: > 0 } rows)
        {
            yield return new(
                "kit",
                Say("Loads, plates and heights by movement", "Cargas, discos y alturas por ejercicio"),
                [
                    new BriefBlock.Table(
                        null,
                        [Say("For", "Para"), Say("Lane of", "Calle de"), Say("Set up", "Preparar"), Say("Height", "Altura")],
                        rows.Select(r => new BriefRow([r.What, r.Who, r.Load, r.Height])).ToEq()
                    ),
                ]
            );
        }
    }

    private IEnumerable<BriefSection> RungByRung()
    {
        if (Rungs() is { Count: > 0 } ladders)
        {
            yield return new("rungs", Say("The bar, rung by rung", "La barra, peldaño a peldaño"), ladders);
        }
    }

    /// <summary>Who changes the load, and when.</summary>
    private IEnumerable<BriefSection> Changed()
    {
        var changes = WorkTree.ReRigs(u.Workout).ToList();
        if (changes.Count > 0)
        {
            yield return new(
                "changes",
                Say("Changed on the way", "Cambios durante la prueba"),
                [new BriefBlock.Points([.. changes.Select(Changed).Distinct()])]
            );
        }
    }

    private string Changed(Rule.ReRig r)
    {
        var to =
            r.To is { } load ? Say(" to ", " a ") + Printer.Detail(load)
            : r.Added is { } on ? Say($", {Printer.Detail(on)} more a side,", $", {Printer.Detail(on)} más por lado,")
            : "";
        return Cite(
            "rerig",
            Say(
                $"The load is changed{to} by {r.By}{(r.Window is { } n ? $", in window {n}" : "")}{(r.InChange ? ", in the change" : "")}.",
                $"La carga la cambia{to} {tongue.Join(r.By.Split(", ").Select(b => Glossary.Usual(b, tongue)))}"
                    + $"{(r.Window is { } w ? $", en la ventana {w}" : "")}{(r.InChange ? ", en el cambio" : "")}."
            )
        );
    }

    private IEnumerable<BriefSection> MinutesOfTheHall()
    {
        var minutes = Clocks().Select(c => WhoIsWhere(c, null, Say("Who is where", "Quién está dónde"))).OfType<BriefBlock>().ToEq();
        if (minutes.Count > 0)
        {
            yield return new("minutes", Say("Minute by minute", "Minuto a minuto"), minutes);
        }
    }

    private string WhoChanges(string answer) =>
        answer switch
        {
            "floor crew" => Say(
                "You change plates, at the head judge’s sign.",
                "Vosotros cambiáis los discos, a la señal del juez principal."
            ),
            "team mates" => Say("Team mates change plates; you do not.", "Los compañeros cambian los discos; vosotros no."),
            "athlete" => Say(
                "The athlete changes plates, on the clock; you do not.",
                "El atleta cambia los discos, con el reloj en marcha; vosotros no."
            ),
            _ => "",
        };

    private BriefSection RulesOfTheCrew()
    {
        var plates = Decided
            .Of(u, DivisionsShown)
            .Where(d => d.Topic.Name == "plates")
            .Select(d => (d.For, Rule: WhoChanges(d.School?.Name ?? d.Words)))
            .Where(d => d.Rule.Length > 0)
            .Select(d => (d.For.Count == 0 ? "" : tongue.Join(d.For) + ": ") + d.Rule);
        return new("rules", Say("Rules", "Normas"), [new BriefBlock.Points([.. RulesOf(Things.Select(t => t.Kit).ToHashSet(), plates)])]);
    }

    /// <summary>Rules of the crew, each only where its kit is in the lane.</summary>
    private IEnumerable<string> RulesOf(HashSet<MovementKit> kit, IEnumerable<string> plates)
    {
        var barbells = kit.Contains(MovementKit.Barbell);
        foreach (var rule in barbells ? plates : [])
        {
            yield return rule;
        }

        if (barbells)
        {
            yield return Say(
                "Plates lie at the lane’s edge, outside the space where a bar can fall; clips on.",
                "Los discos quedan al borde de la calle, fuera de donde pueda caer una barra; cierres puestos."
            );
            yield return Say(
                "Same side, same order: inner plates stay on; of plates that go on together the heaviest goes first.",
                "Mismo lado, mismo orden: los discos interiores se quedan; de los nuevos, primero el más pesado."
            );
        }

        string[] between =
        [
            .. kit.Contains(MovementKit.Machine) ? [Say("monitors to zero", "monitores a cero")] : Array.Empty<string>(),
            .. barbells ? [Say("bars to the first load", "barras con la primera carga")] : Array.Empty<string>(),
            Say("chalk and sweat off", "sin magnesio ni sudor"),
        ];
        yield return Say("Between heats: ", "Entre tandas: ") + string.Join(", ", between) + ".";
    }
}
