using System.Globalization;
using System.Text.RegularExpressions;
using FairCompass.Core.Checks;
using FairCompass.Core.Courses;
using FairCompass.Core.Drafts;
using FairCompass.Core.InForce;
using FairCompass.Core.Languages;
using FairCompass.Core.Prescriptions;
using FairCompass.Core.Quantities;
using FairCompass.Core.Standards;
using FairCompass.Core.Text;
using FairCompass.Core.Workouts;

namespace FairCompass.Core.Briefing;

/// <summary>Makes papers from what was understood. Every number on a paper comes from the model.</summary>
public sealed partial class BriefBuilder
{
    private readonly Understanding u;
    private readonly string? division;
    private readonly DateOnly date;
    private readonly BriefOptions options;
    private readonly Tongue tongue;
    private readonly List<int> shown;
    private readonly List<int> columns;
    private readonly List<PrintedNumber> numbers = [];
    private readonly List<string> names;
    private Audience audience;

    /// <summary>A builder of the papers of one workout.</summary>
    /// <param name="u">The workout.</param>
    /// <param name="division">The one division it is for, or null for all.</param>
    /// <param name="date">The day printed on it.</param>
    /// <param name="options">Language, figures, cards; the usual ones when null.</param>
    public BriefBuilder(Understanding u, string? division, DateOnly date, BriefOptions? options = null)
    {
        (this.u, this.division, this.date, this.options) = (u, division, date, options ?? BriefOptions.Usual);
        tongue = Book.Tongue(this.options.Language);
        shown = Enumerable.Range(0, u.Courses.Count).Where(i => IsFor(u.Courses[i].Address.Division.Name)).ToList();
        if (this.options.Run is { } run)
        {
            // A team whose entries differ is told apart on the day; its card is that of the first that fits.
            shown = [.. shown.Where(i => u.Courses[i].Address.Within == run.Within).Concat(shown).Take(1)];
        }

        // Names that people gave may hold figures, as “Anchor 45+”; they are no numbers of the model.
        names = u
            .Competition.Divisions.Select(d => d.Name)
            .Concat(u.Courses.Select(c => c.Address.Level).OfType<string>())
            .Concat(u.Courses.SelectMany(c => c.Pieces).SelectMany(p => new[] { p.Piece.Station, p.Piece.Label }).OfType<string>())
            .Where(n => n.Any(char.IsAsciiDigit))
            .Distinct()
            .OrderByDescending(n => n.Length)
            .ToList();
        columns = Enumerable.Range(0, u.Resolver.Columns.Count).Where(i => IsFor(u.Resolver.Columns[i].Division.Name)).ToList();
    }

    private StandardsBook Book => StandardsBook.Of(u.Competition);

    private List<string> DivisionsShown => shown.Select(i => u.Courses[i].Address.Division.Name).Distinct().ToList();

    /// <summary>The paper for an audience of <see cref="PaperNames.All"/>.</summary>
    /// <exception cref="ArgumentOutOfRangeException">The audience is <see cref="Audience.Holder"/>.</exception>
    public Brief Build(Audience audience)
    {
        numbers.Clear();
        this.audience = audience;
        var sections = audience switch
        {
            Audience.Athlete =>
            [
                Work(),
                Loads(),
                Clock(),
                Scoring(),
                .. Behind([
                    Standards(audience),
                    DecidedBeforehand(audience),
                    .. AthletesLoad() ? RungByRung() : [],
                    Examples(),
                    CautionsOf(),
                ]),
            ],
            Audience.Judge => ForJudges(),
            Audience.Caller => Caller(),
            Audience.FloorCrew => Crew(),
            Audience.ScoreDesk => Desk(),
            Audience.LaneCard => Lane(),
            Audience.Measurement => Measurement(),
            Audience.Video => Video(),
            Audience.Poster => (IEnumerable<BriefSection>)[Work(), Standing()],
            _ => throw new ArgumentOutOfRangeException(nameof(audience), audience, "An erratum is made of two versions: see ErratumSheet."),
        };
        var print = options.Published ?? Fingerprint.Of(u);
        var written = sections.Where(s => s.Blocks.Count > 0).ToEq();
        return new(
            audience,
            u.Competition.Name,
            u.Workout.Title,
            tongue.Join(DivisionsShown),
            date,
            print.Code,
            u.Findings().Count(f => f.Severity == Severity.MustFix),
            written
        )
        {
            Language = options.Language,
            Spanish = u.Competition.Spanish,
            Numbers = numbers.ToEq(),
            Cards = audience == Audience.LaneCard ? CardsOf(print) : [],
            Posts = audience == Audience.Judge ? JudgesPosts.Numbers : [],
            Post = audience == Audience.Judge && JudgesPosts.Numbers.Contains(options.Post ?? 0) ? options.Post : null,
        };
    }

    /// <summary>Page one, and what is behind it.</summary>
    private IEnumerable<BriefSection> ForJudges() =>
        [
            ChecksBeforeGo(),
            Work(),
            Posts(),
            Likely(),
            WriteDown(),
            PoliciesInForce(),
            NotYours(),
            .. Behind([
                Standards(audience),
                DecidedBeforehand(audience),
                .. LoadsSaid() ? Array.Empty<BriefSection>() : [Loads()],
                .. shown.Any(i => Timeline.Of(u.Courses[i]) is { Forks.Count: > 0 }) ? [Clock()] : Array.Empty<BriefSection>(),
                Totals(),
                Scoring(),
                Examples(),
                CautionsOf(),
                .. options.HeadJudge ? [LetStand()] : Array.Empty<BriefSection>(),
            ]),
        ];

    /// <summary>True where a judge has the loads of a lane without the table: page one says them of one division in sentences,
    /// and of several each card has its own. Levels and places of a team are told apart in the table alone.</summary>
    private bool LoadsSaid() =>
        DivisionsShown.Count > 1
        || (shown.All(i => u.Courses[i].Address.Level is null) && columns.All(i => u.Resolver.Columns[i].Seat is null));

    private static IEnumerable<BriefSection> Behind(IEnumerable<BriefSection> sections) => sections.Select(s => s with { Behind = true });

    /// <summary>So many cards as were asked for, of each entry; numbers go on from entry to entry.</summary>
    private Eq<CardCode> CardsOf(Fingerprint print)
    {
        Eq<string?> whose = shown.Count > 1 ? [.. shown.Select(i => (string?)u.Courses[i].Address.In(tongue))] : [null];
        var each = Math.Clamp(options.Cards, 1, CardCode.Most);
        return whose
            .SelectMany((entry, e) => Enumerable.Range(options.FirstCard + (e * each), each).Select(n => (entry, n)))
            .Where(x => x.n <= CardCode.Highest)
            .Select(x => CardCode.Of(print, x.n) with { Entry = x.entry })
            .ToEq();
    }

    private bool IsFor(string name) => division is null || string.Equals(name, division, StringComparison.OrdinalIgnoreCase);

    private string Say(string english, string spanish) => tongue.Say(english, spanish);

    /// <summary>Entries in words, or “all” when it is every one that is shown.</summary>
    private string WhoOf(IEnumerable<Address> entries, IReadOnlyCollection<Address> all) =>
        entries.Distinct().ToList() is var some && some.Count == all.Distinct().Count()
            ? Say("all", "todos")
            : tongue.Join(Entries.Named(some, all, tongue));

    private static string Figure(long n) => n.ToString(CultureInfo.InvariantCulture);

    /// <summary>Notes for every number of a text which value of the model it is printed from, and gives the text back; only where that was
    /// asked for.</summary>
    private string Cite(string from, string text)
    {
        if (!options.Trace)
        {
            return text;
        }

        var plain = names.Aggregate(text, (t, name) => t.Replace(name, "", StringComparison.Ordinal));
        foreach (var match in Figures.EnumerateMatches(plain))
        {
            numbers.Add(new(from, plain.Substring(match.Index, match.Length)));
        }

        return text;
    }

    [GeneratedRegex(@"\d+(?:[.:]\d+)*")]
    private static partial Regex Figures { get; }

    private string Named(string movement) => Words.Capital(tongue.Movement(movement));

    private string Named(Movement movement) =>
        Words.Capital(tongue.IsSpanish ? movement.Name.Spanish ?? movement.Name.English : movement.Name.English);

    private string Quoted(Said call) => tongue.Quote(tongue.Say(call));

    private BriefSection NotYours() =>
        new(
            "not-yours",
            Say("Not your job", "No es tarea tuya"),
            [
                new BriefBlock.Points([
                    Say("Arithmetic and places.", "La aritmética y los puestos."),
                    Say("Kit, plates, coaching.", "El material, los discos, entrenar."),
                    Say(
                        "A case not on this page: count on, note it, ask the head judge after the heat.",
                        "Un caso que no está en esta hoja: sigue contando, anótalo, pregunta después al juez principal."
                    ),
                ]),
            ]
        );

    private BriefSection CautionsOf() =>
        new(
            "cautions",
            Say("Cautions", "Precauciones"),
            [
                new BriefBlock.Points(
                    Cautions.For(StandardsShown(), u.Workout, audience == Audience.Judge).Select(c => Cite("caution", tongue.Say(c))).ToEq()
                ),
            ]
        );

    private BriefSection Standing()
    {
        var sentences = OnceEach(
            shown.Select(i =>
                (
                    u.Courses[i].Address,
                    u.Sheets[i]
                        .Components.Select(c =>
                            Cite(
                                $"score/{c.Label}/{u.Courses[i].Address}",
                                Core.Scoring.ScoreSentences.OnPoster(c, u.Sheets[i], u.Courses[i], tongue)
                            )
                        )
                )
            )
        );
        return new("standing", "", sentences.Count == 0 ? [] : [new BriefBlock.Paragraph(string.Join(' ', sentences))]);
    }

    /// <summary>The standards in force of the movements that are done, each once.</summary>
    private List<Movement> StandardsShown() =>
        Movements().Select(m => m.Movement).OfType<Movement>().DistinctBy(m => m.Id).Select(InForce).ToList();

    /// <summary>The hall clock of all who are shown; one for each group of them whose windows differ, none while a time is unset.</summary>
    private IReadOnlyList<SharedClock> Clocks() =>
        shown.Count > 0 ? SharedClock.Of([.. shown.Select(i => u.Courses[i])], tongue)
        : Timeline.Of(u.Workout, tongue) is { } clock ? [SharedClock.Of(clock)]
        : [];

    /// <summary>Whose clock it is, where there are several; else null.</summary>
    private string? WhoseOf(SharedClock clock) =>
        clock.For.Count == shown.Count ? null : Cite($"entry/{string.Join(' ', clock.For)}", Whose(clock.For));

    private string Whose(IEnumerable<Address> who) => tongue.Join(Entries.Named(who, shown.Select(i => u.Courses[i].Address), tongue));

    /// <summary>A value that may differ: once where all have it, else one for each: <c>60 (Tideline) or 50 (Meadow)</c>.</summary>
    private string EachOf<T>(Eq<Shared<T>> values, Func<T, string> say)
    {
        var said = values.GroupBy(v => say(v.Value)).ToList();
        return said.Count == 1
            ? said[0].Key
            : string.Join(
                Say(" or ", " o "),
                said.Select(g =>
                    $"{g.Key} ({Cite("entry/" + string.Join(' ', g.SelectMany(v => v.For)), Whose(g.SelectMany(v => v.For)))})"
                )
            );
    }

    /// <summary>A standard as it holds for everybody who is shown, at its one place in the workout if it has only one.</summary>
    private Movement InForce(Movement movement)
    {
        var places = PlacesOf(movement);
        return Book.InForce(movement, division, u.Workout, places.Count == 1 ? places[0] : null);
    }

    private List<Work.Task> PlacesOf(Movement movement) =>
        WorkTree.Tasks(u.Workout).Where(t => Book.Find(t.Movement)?.Id == movement.Id).ToList();

    /// <summary>The movements of the shown divisions, and for whom when not for all.</summary>
    private IEnumerable<(string Name, Movement? Movement, string? Who)> Movements()
    {
        var uses = u
            .Prescribed.Where(p =>
                columns.Exists(i => ReferenceEquals(u.Resolver.Columns[i], p.Address)) && !(p.IsMenuHead && p.Option is null)
            )
            .SelectMany(p =>
                Beside(p.Source)
                    .Prepend(p.Prescription.Movement.Value)
                    .Select(m => (Value: m, Division: p.Address.Division.Name, p.Source.At.Line))
            )
            .ToList();
        var all = DivisionsShown.Count;
        return uses.Select((x, i) => (x, i))
            .GroupBy(x => Book.Find(x.x.Value)?.Id ?? x.x.Value)
            .OrderBy(g => g.Min(x => x.x.Line))
            .ThenBy(g => g.Min(x => x.i))
            .Select(g =>
            {
                var who = g.Select(x => x.x.Division).Distinct().ToList();
                return (
                    g.First().x.Value,
                    Book.Find(g.First().x.Value),
                    who.Count == all ? null : (string?)(Say("only ", "solo ") + tongue.Join(who))
                );
            });
    }

    /// <summary>Movements of the book that a judge sees beside the one of a task: lifts that follow, forced moves, what a hold is held
    /// in.</summary>
    private IEnumerable<string> Beside(Work.Task task) =>
        task
            .Lines.Select(l =>
                l switch
                {
                    TaskLine.Then t => t.Movement,
                    TaskLine.Between b => b.Movement,
                    TaskLine.RuleOf { Rule: Rule.Hold h } => h.Position,
                    _ => "",
                }
            )
            .Where(name => Book.Find(name) is not null);
}
