using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Tests.Briefing;
using FairCompass.Core.Tests.Notation;
using FairCompass.Store.Demo;
namespace FairCompass.Core.Tests.Playing;
public class TmpTests
{
    [Fact]
    public void Print()
    {
        var n = System.IO.File.ReadAllText("/tmp/tmp.txt").Trim().Split('|');
        var u = Understanding.Of(SaltmarshFerryGames.Competition, n[0].Length < 4 ? DraftTexts.Demo(n[0]) : n[0]);
        System.IO.File.WriteAllText("/tmp/tmp.out", BriefText.Of(new BriefBuilder(u, n[1], new(2026, 6, 6)).Build(Enum.Parse<Audience>(n[2]))));
    }
}
