using System.Globalization;
using FairCompass.Core.Competitions;
using FairCompass.Core.InForce;
using FairCompass.Core.Publishing;
using FairCompass.Core.Quantities;

namespace FairCompass.Planning.People;

/// <summary>Reads a list of entries as a form or a spreadsheet gives it: a row an athlete, or a row a team with its members in columns.
/// Nothing is guessed about a row that does not fit: it is named, with what is wrong.</summary>
public sealed class EntryListReader
{
    /// <summary>Rows beyond which a file is no list of one competition.</summary>
    public const int MostRows = 2000;

    /// <summary>Characters of a name.</summary>
    public const int LongestName = 80;

    private const int LongestBib = 8;
    private const int LongestContact = 120;
    private readonly DivisionWords divisions;
    private readonly IReadOnlyList<string[]> rows;
    private readonly IReadOnlySet<int> leaveOut;
    private readonly List<RowNote> troubles = [];
    private readonly List<RowNote> notes = [];
    private readonly Eq<ColumnUse> uses;
    private readonly bool headed;

    private EntryListReader(string text, Competition competition, Eq<ColumnUse> told, IReadOnlySet<int> leaveOut)
    {
        this.leaveOut = leaveOut;
        divisions = new(competition.Divisions);
        rows = text.Split('\n').Select(l => l.TrimEnd('\r').Split('\t')).ToList();
        uses = Columns.Match(rows, divisions, out headed);
        if (told.Count == uses.Count)
        {
            uses = told;
        }
    }

    /// <summary>Reads a list.</summary>
    /// <param name="text">A line a row, a tab between the cells.</param>
    /// <param name="competition">Whose divisions it is held against.</param>
    /// <param name="told">What the columns are where a person has said it; empty where they are matched.</param>
    /// <param name="leaveOut">Rows, from 1, that a person wants to leave out.</param>
    public static ReadList Read(string text, Competition competition, Eq<ColumnUse> told = default, IReadOnlySet<int>? leaveOut = null)
    {
        var lines = text.Count(c => c == '\n') + 1;
        return text.Trim().Length == 0 ? ReadList.No("There is nothing in this file.")
            : lines > MostRows ? ReadList.No($"This file has {lines} rows; at most {MostRows} are read. Keep the rows of this competition.")
            : new EntryListReader(text, competition, told, leaveOut ?? new HashSet<int>()).Read();
    }

    private ReadList Read()
    {
        var headings = uses.Select((_, i) => headed && Columns.Cell(rows[0], i) is { Length: > 0 } h ? h : $"column {Letter(i)}").ToEq();
        Eq<ReadEntry> entries = [];
        var filled = rows.Select((cells, i) => (Cells: cells, Number: i + 1))
            .Skip(headed ? 1 : 0)
            .Where(r => r.Cells.Any(c => c.Trim().Length > 0) && !leaveOut.Contains(r.Number))
            .ToList();
        if (!Has(ColumnKind.Name) && !Has(ColumnKind.FirstName))
        {
            troubles.Add(new(0, "", "No column has the athletes’ names. Say which one has, above the list."));
        }
        else
        {
            var read = filled.Select(r => Row(r.Cells, r.Number)).OfType<RawRow>().ToList();
            entries = [.. Assemble(read).OrderBy(e => e.Row)];
            EntryChecks.Across(entries, troubles, notes);
        }

        var bad = troubles.Select(t => t.Row).ToHashSet();
        return new(
            headings,
            uses,
            filled.Count,
            entries.Where(e => !bad.Contains(e.Row)).ToEq(),
            [.. troubles.OrderBy(t => t.Row)],
            [.. notes.OrderBy(n => n.Row)]
        );
    }

    private bool Has(ColumnKind kind) => uses.Any(u => u.Kind == kind);

    private static string Letter(int column) =>
        column < 26 ? ((char)('A' + column)).ToString() : Letter((column / 26) - 1) + Letter(column % 26);

    private string Cell(string[] cells, ColumnKind kind, int? member = null)
    {
        for (var i = 0; i < uses.Count; i++)
        {
            if (uses[i].Kind == kind && uses[i].Member == member && Columns.Cell(cells, i) is { Length: > 0 } cell)
            {
                return cell;
            }
        }

        return "";
    }

    private string Heading(ColumnKind kind, int? member = null)
    {
        for (var i = 0; headed && i < uses.Count; i++)
        {
            if (uses[i].Kind == kind && uses[i].Member == member)
            {
                return Columns.Cell(rows[0], i);
            }
        }

        return "";
    }

    private sealed record RawRow(
        int Number,
        Division Division,
        string Team,
        string Bib,
        string Level,
        int? Seat,
        int? Seed,
        Eq<ReadPerson> Members
    );

    private RawRow? Row(string[] cells, int number)
    {
        var before = troubles.Count;
        var formula = cells.ToList().FindIndex(c => c.TrimStart() is ['=', _, ..] or ['@', ..]);
        if (formula >= 0)
        {
            Trouble(
                number,
                Columns.Cell(rows[0], formula),
                $"“{Short(cells[formula])}” is a formula, not what it shows. Save the list as values."
            );
            return null;
        }

        var written = Cell(cells, ColumnKind.Division);
        var found = divisions.Find(written);
        if (found is null)
        {
            var nearest = divisions.Nearest(written) is { } meant ? $" Is {meant} meant?" : "";
            Trouble(
                number,
                Heading(ColumnKind.Division),
                written.Length == 0 ? "No division." : $"“{Short(written)}” is no division of this competition.{nearest}"
            );
        }

        var bib = Cell(cells, ColumnKind.Bib).TrimStart('#', ' ');
        if (bib.Length > LongestBib || bib.Any(c => !char.IsLetterOrDigit(c) && c != '-'))
        {
            Trouble(number, Heading(ColumnKind.Bib), $"“{Short(bib)}” is no number to wear: at most {LongestBib} letters and digits.");
        }

        var level = Cell(cells, ColumnKind.Level);
        if (CompetitionRules.NameError(level, LongestName, required: false) is { } wrong)
        {
            Trouble(number, Heading(ColumnKind.Level), wrong);
        }

        var members = Members(cells, number, found?.Duty);
        if (members.Count == 0 && troubles.Count == before)
        {
            Trouble(number, Heading(ColumnKind.Name), "No name.");
        }

        return troubles.Count > before
            ? null
            : new(
                number,
                found!.Value.Division,
                Cell(cells, ColumnKind.Team),
                bib,
                level,
                Whole(cells, number, ColumnKind.Seat, 8),
                Whole(cells, number, ColumnKind.Seed, 9999),
                members
            );
    }

    private Eq<ReadPerson> Members(string[] cells, int number, string? duty)
    {
        var gym = Cell(cells, ColumnKind.Gym);
        var contact = Cell(cells, ColumnKind.Contact);
        var all = new List<ReadPerson>();
        foreach (var member in uses.Select(u => u.Member).Distinct().Order())
        {
            if (NameOf(cells, member) is not { Length: > 0 } name)
            {
                continue;
            }

            if (CompetitionRules.NameError(name, LongestName, required: true) is { } wrong)
            {
                Trouble(number, Heading(ColumnKind.Name, member), wrong);
            }

            var sex = Cell(cells, ColumnKind.Sex, member);
            if (sex.Length > 0 && SexWords.Of(sex) is null)
            {
                Trouble(number, Heading(ColumnKind.Sex, member), $"“{Short(sex)}” is neither man nor woman; loads hang on it.");
            }

            var own = Cell(cells, ColumnKind.Contact, member);
            all.Add(
                new(
                    name,
                    Cell(cells, ColumnKind.Gym, member) is { Length: > 0 } theirs ? theirs : gym,
                    SexWords.Of(sex) ?? duty,
                    own.Length > 0 ? own
                        : member is null or 1 ? contact
                        : ""
                )
            );
        }

        foreach (
            var (kind, text, most) in all.SelectMany(p =>
                ((ColumnKind, string, int)[])[(ColumnKind.Gym, p.Gym, LongestName), (ColumnKind.Contact, p.Contact, LongestContact)]
            )
        )
        {
            if (CompetitionRules.NameError(text, most, required: false) is { } wrong)
            {
                Trouble(number, Heading(kind), wrong);
            }
        }

        return [.. all];
    }

    private string NameOf(string[] cells, int? member)
    {
        var (first, last) = (Cell(cells, ColumnKind.FirstName, member), Cell(cells, ColumnKind.LastName, member));
        var name = first.Length > 0 || last.Length > 0 ? $"{first} {last}".Trim() : Cell(cells, ColumnKind.Name, member);
        // “Lee, Ann” is how a list sorts; people are called Ann Lee.
        return name.Split(',') is [var family, var given] && given.Trim().Length > 0 ? $"{given.Trim()} {family.Trim()}" : name;
    }

    private int? Whole(string[] cells, int number, ColumnKind kind, int most)
    {
        var text = Cell(cells, kind).TrimEnd('.');
        if (text.Length == 0)
        {
            return null;
        }

        if (int.TryParse(text, NumberStyles.None, CultureInfo.InvariantCulture, out var n) && n >= 1 && n <= most)
        {
            return n;
        }

        Trouble(number, Heading(kind), $"“{Short(text)}” is no whole number from 1 to {most}.");
        return null;
    }

    /// <summary>Puts the rows of one team together; a row that is a whole entry stays one.</summary>
    private IEnumerable<ReadEntry> Assemble(List<RawRow> read)
    {
        foreach (
            var group in read.GroupBy(r => r.Division.IsTeam && r.Members.Count == 1 ? (object)(r.Division.Name, NameList.Key(r.Team)) : r)
        )
        {
            var first = group.First();
            var division = first.Division;
            if (division.IsTeam && first.Team.Length == 0 && first.Members.Count == 1)
            {
                foreach (var row in group)
                {
                    Trouble(
                        row.Number,
                        Heading(ColumnKind.Team),
                        $"{division.Name} has {division.Size} in an entry, and no team is named here."
                    );
                }

                continue;
            }

            var members = group.OrderBy(r => r.Seat ?? 0).SelectMany(r => r.Members).ToList();
            var bibs = group.Select(r => r.Bib).Where(b => b.Length > 0).Distinct(StringComparer.OrdinalIgnoreCase).ToList();
            if (bibs.Count > 1)
            {
                Trouble(
                    first.Number,
                    Heading(ColumnKind.Bib),
                    $"{first.Team} has the numbers {string.Join(" and ", bibs)}; an entry wears one."
                );
            }

            var levels = group.Select(r => r.Level).Where(l => l.Length > 0).DistinctBy(NameList.Key).ToList();
            if (levels.Count > 1)
            {
                Trouble(
                    first.Number,
                    Heading(ColumnKind.Level),
                    $"{first.Team} is entered for {string.Join(" and ", levels)}; an entry has one level."
                );
            }

            if (Fits(division, members, first) is { } ordered)
            {
                yield return new(
                    first.Number,
                    division.Name,
                    division.IsTeam ? first.Team : "",
                    bibs.FirstOrDefault() ?? "",
                    group.Select(r => r.Seed).FirstOrDefault(s => s is not null),
                    ordered
                )
                {
                    Level = levels.FirstOrDefault() ?? "",
                };
            }
        }
    }

    /// <summary>The members in the order of the division’s places; null where they do not fit, which is then said.</summary>
    private Eq<ReadPerson>? Fits(Division division, List<ReadPerson> members, RawRow first)
    {
        var (least, most) = (division.Smallest ?? division.Size, division.Size);
        var who = first.Team.Length > 0 ? first.Team : members[0].Name;
        if (members.Count < least || members.Count > most)
        {
            var wanted = least == most ? $"{most}" : $"{least} to {most}";
            Trouble(
                first.Number,
                "",
                $"{who}: {division.Name} has {wanted} in an entry; here {(members.Count == 1 ? "is 1" : $"are {members.Count}")}."
            );
            return null;
        }

        if (!division.IsTeam)
        {
            if (members[0].Duty is null && division.Duties.Count > 1)
            {
                Trouble(first.Number, Heading(ColumnKind.Sex), $"{who}: man or woman? The loads of {division.Name} hang on it.");
                return null;
            }

            var only = division.Duties.Count == 1 ? division.Duties[0] : null;
            return [members[0] with { Duty = members[0].Duty ?? only }];
        }

        return Seated(division, members, first.Number, who);
    }

    private Eq<ReadPerson>? Seated(Division division, List<ReadPerson> members, int row, string who)
    {
        var wanted = Enumerable.Range(1, members.Count).Select(n => division.DutyOf(n)?.Word()).ToList();
        if (division.Entries.Count > 0)
        {
            return [.. members];
        }

        if (members.TrueForAll(m => m.Duty is null))
        {
            notes.Add(new(row, "", $"{who}: nobody says who is a man and who a woman; taken in the order of the places."));
            return [.. members.Select((m, i) => m with { Duty = wanted[i] })];
        }

        var left = members.ToList();
        var seated = new List<ReadPerson>();
        foreach (var duty in wanted)
        {
            var next = left.Find(m => m.Duty == duty) ?? left.Find(m => m.Duty is null);
            if (next is null)
            {
                Trouble(
                    row,
                    Heading(ColumnKind.Sex),
                    $"{who}: {division.Name} has {Counted(wanted)}; here are {Counted([.. members.Select(m => m.Duty)])}."
                );
                return null;
            }

            left.Remove(next);
            seated.Add(next with { Duty = duty });
        }

        if (!seated.Select(s => s.Name).SequenceEqual(members.Select(m => m.Name), StringComparer.Ordinal))
        {
            notes.Add(new(row, "", $"{who}: put in the order of the places, {string.Join(", ", wanted)}."));
        }

        return [.. seated];
    }

    private static string Counted(List<string?> duties)
    {
        var (men, women) = (duties.Count(d => d == "man"), duties.Count(d => d == "woman"));
        return $"{men} {(men == 1 ? "man" : "men")} and {women} {(women == 1 ? "woman" : "women")}";
    }

    private void Trouble(int row, string column, string sentence) => troubles.Add(new(row, column, sentence));

    private static string Short(string text) => text.Length > 40 ? text[..40] + "…" : text;
}
