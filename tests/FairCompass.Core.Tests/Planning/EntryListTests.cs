using FairCompass.Core.Competitions;
using FairCompass.Core.Quantities;
using FairCompass.Planning.People;
using FairCompass.Store.Demo;

namespace FairCompass.Core.Tests.Planning;

public class EntryListTests
{
    private static readonly Competition Games = SaltmarshFerryGames.Competition;

    private static ReadList Read(string text, Eq<ColumnUse> told = default, params int[] leaveOut) =>
        EntryListReader.Read(text.Replace(" | ", "\t", StringComparison.Ordinal), Games, told, leaveOut.ToHashSet());

    private static string Shown(ReadEntry e) =>
        $"{e.Division}{(e.Team.Length > 0 ? " " + e.Team : "")} #{e.Bib}: "
        + string.Join(", ", e.Members.Select(m => $"{m.Name} ({m.Duty}, {m.Gym})"));

    [Fact]
    public void A_list_as_a_form_gives_it_is_read()
    {
        var list = Read(
            """
            Timestamp | First name | Last Name | E-mail | Gender | Category | Home gym | Bib
            1/2/2027 9:14:02 | Ailsa | Müller-Stag | ailsa@quay.invalid | Female | Tideline | Kelp Street Strength | 101
            1/2/2027 9:20:11 | Jory | Oake | jory@quay.invalid | Male | meadow | Old Windlass | 102
            """
        );
        Assert.Empty(list.Troubles);
        Assert.Equal(
            ["Tideline #101: Ailsa Müller-Stag (woman, Kelp Street Strength)", "Meadow #102: Jory Oake (man, Old Windlass)"],
            list.Entries.Select(Shown)
        );
        Assert.Equal("ailsa@quay.invalid", list.Entries[0].Members[0].Contact);
    }

    [Theory]
    [InlineData("Name | Division | Gym\nOake, Jory | Tideline Men | Kelp", "Tideline #: Jory Oake (man, Kelp)")]
    [InlineData("Athlete | Class\nWren Calder | women – ESTUARY", "Estuary #: Wren Calder (woman, )")]
    [InlineData(
        "Nombre | Apellidos | Categoría | Sexo | Gimnasio | Dorsal\nÍñigo | Brine | Anchor 45+ | hombre | Red | 7",
        "Anchor 45+ #7: Íñigo Brine (man, Red)"
    )]
    [InlineData(
        "Vorname | Nachname | Kategorie | Geschlecht | Verein\nJürgen | Neap | Meadow | m | Heron",
        "Meadow #: Jürgen Neap (man, Heron)"
    )]
    [InlineData("Wren Calder | Tideline | W | wren@x.invalid", "Tideline #: Wren Calder (woman, )")]
    [InlineData("#  | name | division (F/M)\n12 | Una Eddy | Tideline F", "Tideline #12: Una Eddy (woman, )")]
    public void Columns_are_found_by_what_stands_above_them_or_in_them(string text, string entry) =>
        Assert.Equal([entry], Read(text).Entries.Select(Shown));

    [Fact]
    public void A_team_comes_as_a_row_of_members_or_as_a_row_each()
    {
        var across = Read(
            "Team | Division | Athlete 1 | Athlete 1 sex | Athlete 2 | Athlete 2 sex | Gym\n"
                + "Kelp Gig | Ferry Pairs | Wren Oake | F | Hal Oake | M | Kelp"
        );
        var down = Read(
            "Name | Sex | Team | Division | Gym\n"
                + "Wren Oake | F | Kelp Gig | Ferry Pairs | Kelp\n"
                + "Hal Oake | M | Kelp Gig | Ferry Pairs | Kelp"
        );
        const string Both = "Ferry Pairs Kelp Gig #: Hal Oake (man, Kelp), Wren Oake (woman, Kelp)";
        Assert.Equal([Both], across.Entries.Select(Shown));
        Assert.Equal([Both], down.Entries.Select(Shown));
        Assert.Contains("order of the places", Assert.Single(across.Notes).Sentence, StringComparison.Ordinal);
    }

    [Theory]
    [InlineData("Name | Division | Sex\nUna Eddy | Surf | F", 2, "“Surf” is no division of this competition.")]
    [InlineData("Name | Division | Sex\nUna Eddy |  | F", 2, "No division.")]
    [InlineData("Name | Division | Sex\n | Tideline | F", 2, "No name.")]
    [InlineData("Name | Division\nUna Eddy | Tideline", 2, "Una Eddy: man or woman? The loads of Tideline hang on it.")]
    [InlineData("Name | Division | Sex\nUna Eddy | Tideline | x", 2, "“x” is neither man nor woman; loads hang on it.")]
    [InlineData(
        "Name | Division | Sex | Bib\nUna Eddy | Tideline | F | 5\nWren Cobb | Tideline | F | 5",
        3,
        "Wren Cobb and Una Eddy (row 2) both have the number 5."
    )]
    [InlineData(
        "Name | Division | Sex | Gym\nUna Eddy | Tideline | F | Kelp\nUna Eddy | Tideline | F | Kelp",
        3,
        "Una Eddy stands in Tideline twice: rows 2 and 3."
    )]
    [InlineData(
        "Name | Division | Sex | Gym\nUna Eddy | Tideline | F | Kelp\nUna Eddy | Ferry Pairs | M | Kelp",
        3,
        "Ferry Pairs has 2 in an entry, and no team is named here."
    )]
    [InlineData("Name | Division | Sex\n=A1&B1 | Tideline | F", 2, "“=A1&B1” is a formula, not what it shows. Save the list as values.")]
    [InlineData(
        "Name | Division | Sex | Bib\nUna Eddy | Tideline | F | no. 5!",
        2,
        "“no. 5!” is no number to wear: at most 8 letters and digits."
    )]
    [InlineData(
        "Name | Team | Division | Sex\nA B | Gig | Ferry Pairs | F\nC D | Gig | Ferry Pairs | F",
        2,
        "Gig: Ferry Pairs has 1 man and 1 woman; here are 0 men and 2 women."
    )]
    [InlineData("Name | Team | Division | Sex\nA B | Gig | Ferry Pairs | F", 2, "Gig: Ferry Pairs has 2 in an entry; here is 1.")]
    [InlineData("Place | Division\n1 | Tideline", 0, "No column has the athletes’ names. Say which one has, above the list.")]
    [InlineData("  ", 0, "There is nothing in this file.")]
    public void What_is_wrong_in_a_row_is_said_with_the_row(string text, int row, string sentence) =>
        Assert.Contains(Read(text).Troubles, t => t.Row == row && t.Sentence == sentence);

    [Fact]
    public void Two_of_one_name_are_two_where_the_gym_tells_them_apart_and_one_in_two_divisions_is_one()
    {
        var two = Read("Name | Division | Sex | Gym\nUna Eddy | Tideline | F | Kelp\nUna Eddy | Tideline | F | Heron");
        Assert.Empty(two.Troubles);
        Assert.Equal("Una Eddy is another than in row 2: of Heron, not Kelp. They are taken as two.", Assert.Single(two.Notes).Sentence);
        var one = Read(
            "Name | Division | Sex | Gym | Team\n"
                + "Una Eddy | Tideline | F | Kelp | \n"
                + "Una Eddy | Ferry Pairs | F | Kelp | Gig\n"
                + "Hal Cobb | Ferry Pairs | M | Kelp | Gig"
        );
        Assert.Empty(one.Troubles);
        Assert.Contains(one.Notes, n => n.Sentence.Contains("one person", StringComparison.Ordinal));
    }

    [Fact]
    public void A_person_can_say_what_a_column_is_and_leave_rows_out()
    {
        const string Text = "who | what | f/m\nUna Eddy | Tideline | F\nnobody | ? | F";
        Assert.Empty(Read(Text, [new(ColumnKind.Name), new(ColumnKind.Division), new(ColumnKind.Sex)], 3).Troubles);
        Assert.Equal([3], Read(Text, [new(ColumnKind.Name), new(ColumnKind.Division), new(ColumnKind.Sex)]).Troubles.Select(t => t.Row));
    }

    [Fact]
    public void A_file_of_fifty_thousand_rows_is_refused_in_a_sentence() =>
        Assert.Contains(
            "50001 rows",
            Assert
                .Single(
                    Read("Name | Division\n" + string.Concat(Enumerable.Repeat("A B | Tideline\n", 49_999)) + "A B | Tideline").Troubles
                )
                .Sentence,
            StringComparison.Ordinal
        );

    [Fact]
    public void A_list_read_again_says_what_is_new_changed_and_gone()
    {
        Entry There(int id, string name, string gym, string bib) =>
            new(MadeUp.Id(id), "Tideline", "", bib, null, EntryState.In, [new(MadeUp.Id(100 + id), name, gym, "woman")]);
        Entry[] there =
        [
            There(1, "Una Eddy", "Kelp", "1"),
            There(2, "Wren Cobb", "Heron", "2"),
            There(3, "Ailsa Neap", "Kelp", "3"),
            There(4, "Una Eddy", "Heron", "4"),
        ];
        var read = Read(
            "Name | Division | Sex | Gym | Bib\n"
                + "UNA EDDY | Tideline | F | Heron | 4\n"
                + "Cobb, Wren | Tideline | F | Tidewrack | 9\n"
                + "Fenna Quay | Tideline | F | Kelp | 5\n"
                + "Una Eddy | Tideline | F | Kelp | 1"
        );
        Assert.Empty(read.Troubles);
        var changes = ListChanges.Between(there, read.Entries);
        Assert.Equal(
            [
                (ListChangeKind.Changed, "name Una Eddy → UNA EDDY"),
                (ListChangeKind.Changed, "number 2 → 9; gym Heron → Tidewrack"),
                (ListChangeKind.New, ""),
                (ListChangeKind.Same, ""),
                (ListChangeKind.Gone, ""),
            ],
            changes.Select(c => (c.Kind, string.Join("; ", c.Words)))
        );
        Assert.Equal("Ailsa Neap", changes[^1].Name);
        var taken = Read("Name | Division | Sex | Bib\nFenna Quay | Tideline | F | 3");
        Assert.Equal(
            "Ailsa Neap of Tideline already wears the number 3.",
            Assert.Single(ListChanges.NumbersTaken(there, ListChanges.Between(there, taken.Entries))).Sentence
        );
    }

    /// <summary>Whatever stands in a file, something is said about it, and what is taken has all that an entry needs.</summary>
    [Fact]
    public void No_file_brings_the_reader_down()
    {
        var seed = Environment.TickCount & 0xFFFF;
        var random = new Random(seed);
        string[] bits =
        [
            "Name",
            "Division",
            "Tideline",
            "F",
            "\t",
            "\t",
            "\n",
            "\n",
            "=",
            "Una Eddy",
            "Ferry Pairs",
            "Team",
            "Athlete 2",
            "7",
            "é",
            ",",
            "\"",
            "\u200f",
            " ",
        ];
        for (var i = 0; i < 3000; i++)
        {
            var text = string.Concat(Enumerable.Range(0, random.Next(40)).Select(_ => bits[random.Next(bits.Length)]));
            var list = EntryListReader.Read(text, Games);
            Assert.All(
                list.Entries,
                e =>
                    Assert.True(
                        e.Members.Count == Games.Find(e.Division)!.Size && e.Members.All(m => m.Name.Trim().Length > 0),
                        $"seed {seed}: {text}"
                    )
            );
        }
    }
}
