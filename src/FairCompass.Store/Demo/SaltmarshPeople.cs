using FairCompass.Core.Competitions;
using FairCompass.Planning.People;
using FairCompass.Store.Day;

namespace FairCompass.Store.Demo;

/// <summary>Who competes and who helps in the demo, all invented: the same at every start.</summary>
/// <param name="entries">Athletes and teams.</param>
/// <param name="officials">Judges and helpers.</param>
public sealed class SaltmarshPeople(EntryStore entries, OfficialStore officials)
{
    private static readonly string[] Gyms =
    [
        "Kelp Street Strength",
        "Old Windlass",
        "Tidewrack Barbell",
        "Heron & Rope",
        "Lowlight Training",
        "Mudlark Athletics",
    ];

    private static readonly string[] Men =
    [
        "Corin",
        "Hal",
        "Jory",
        "Milo",
        "Piran",
        "Tobias",
        "Wat",
        "Anselm",
        "Bram",
        "Denzil",
        "Evan",
        "Ferris",
        "Gorran",
        "Ivo",
        "Kester",
        "Lowen",
        "Nevin",
        "Osk",
        "Ruan",
        "Silas",
        "Tavi",
        "Ulf",
        "Vere",
        "Yestin",
        "Zeb",
        "Jürgen",
        "Íñigo",
    ];

    private static readonly string[] Women =
    [
        "Ailsa",
        "Bryony",
        "Cressa",
        "Demelza",
        "Elowen",
        "Fenna",
        "Greta",
        "Hettie",
        "Isolde",
        "Jenna",
        "Kerra",
        "Linnet",
        "Morwen",
        "Nessa",
        "Oona",
        "Perran",
        "Rosen",
        "Sorrel",
        "Tamsin",
        "Una",
        "Verity",
        "Wren",
        "Ysella",
        "Zennor",
        "Meryn",
        "Søl",
        "Ángela",
    ];

    private static readonly string[] Families =
    [
        "Oake",
        "Sallow",
        "Mudge",
        "Calder",
        "Whelk",
        "Penny",
        "Tarrow",
        "Brine",
        "Cobb",
        "Dunnock",
        "Eddy",
        "Fairlead",
        "Gannet",
        "Hawser",
        "Inlet",
        "Jetty",
        "Kedge",
        "Lapwing",
        "Marram",
        "Neap",
        "Osier",
        "Pintle",
        "Quay",
        "Reedham",
        "Scuttle",
        "Thole",
        "Ullage",
        "Vane",
        "Withy",
        "Yarrow",
        "Bight",
        "Clew",
        "Dory",
        "Ebbing",
        "Foss-Marsh",
        "Groyne",
        "Helm",
        "Ketch",
        "Leeward",
        "Müller-Stag",
    ];

    /// <summary>How many of each: as many men as women in the divisions of individuals, and entries of the others.</summary>
    private static readonly (string Division, int Each)[] Sizes =
    [
        ("Tideline", 16),
        ("Estuary", 20),
        ("Meadow", 12),
        ("Anchor 45+", 8),
        ("Ferry Pairs", 20),
        ("Crew of Four", 12),
    ];

    private static readonly string[] Vessels =
    [
        "Skiff",
        "Dinghy",
        "Barge",
        "Lugger",
        "Cutter",
        "Punt",
        "Wherry",
        "Smack",
        "Yawl",
        "Sloop",
        "Coble",
        "Gig",
        "Hoy",
        "Jolly",
        "Pram",
        "Shallop",
        "Tender",
        "Whaler",
        "Xebec",
        "Zulu",
    ];

    private int men;
    private int women;

    /// <summary>Enters everybody.</summary>
    /// <param name="competition">The demo.</param>
    /// <param name="cancel">Cancels.</param>
    public async Task Seed(Guid competition, CancellationToken cancel)
    {
        await entries.Take(competition, [.. Sizes.SelectMany(s => Of(s.Division, s.Each))], false, null, cancel);
        var helpers = Enumerable
            .Range(0, 30)
            .Select(i => Helper(i, OfficialKind.Judge))
            .Concat(Enumerable.Range(30, 2).Select(i => Helper(i, OfficialKind.Caller)))
            .Concat(Enumerable.Range(32, 8).Select(i => Helper(i, OfficialKind.Crew)))
            .Concat(Enumerable.Range(40, 3).Select(i => Helper(i, OfficialKind.Desk)));
        await officials.Put(competition, [.. helpers], cancel);
    }

    private IEnumerable<ReadEntry> Of(string division, int each)
    {
        var d = SaltmarshFerryGames.Competition.Find(division)!;
        if (!d.IsTeam)
        {
            foreach (var duty in d.Duties)
            {
                for (var i = 0; i < each; i++)
                {
                    // Some of the qualifier have no place in it.
                    yield return new(0, division, "", "", i % 7 == 6 ? null : i + 1, [Somebody(duty)]);
                }
            }

            yield break;
        }

        for (var i = 0; i < each; i++)
        {
            var gym = Gyms[i % Gyms.Length];
            var members = Enumerable.Range(1, d.Size).Select(n => Somebody(d.DutyOf(n)!.Value.Word()) with { Gym = gym });
            yield return new(0, division, $"{gym.Split(' ')[0]} {Vessels[i]}{(d.Size > 2 ? " crew" : "")}", "", i + 1, [.. members]);
        }
    }

    /// <summary>The next of a thousand names of men or of women, each once: the numbers of first and family names have no common
    /// factor.</summary>
    private ReadPerson Somebody(string duty)
    {
        var first = duty == "man" ? Men : Women;
        var n = duty == "man" ? men++ : women++;
        return new($"{first[n % first.Length]} {Families[n * 7 % Families.Length]}", Gyms[((n * 5) + (n / 6)) % Gyms.Length], duty, "");
    }

    private static Official Helper(int n, OfficialKind kind)
    {
        var first = n % 2 == 0 ? Women : Men;
        // Those who judge without a gym of their own may stand before everybody.
        var gym = n % 5 == 4 ? "" : Gyms[n % Gyms.Length];
        return new(
            Guid.CreateVersion7(),
            kind,
            $"{first[(n * 11 + 3) % first.Length][0]}. {Families[(n * 3 + 1) % Families.Length]}",
            gym,
            [],
            [],
            [],
            n % 3
        );
    }
}
