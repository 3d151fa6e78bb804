using FairCompass.Core.Briefing;
using FairCompass.Core.Drafts;
using FairCompass.Core.Explaining;
using FairCompass.Store.Demo;

namespace FairCompass.Web.Hosting;

/// <summary>Runs the hot path once at start, so that the first keystroke does not wait for the compiler.</summary>
public static class Warm
{
    /// <summary>Explains and briefs a demo draft, and drops the answer.</summary>
    public static void Up()
    {
        var understood = Understanding.Of(SaltmarshFerryGames.Competition, SaltmarshFerryGames.Drafts[0]);
        System.Text.Json.JsonSerializer.Serialize(Explainer.Explain(understood), Core.Format.FormatContext.Default.Explanation);
        new BriefBuilder(understood, null, new DateOnly(2027, 1, 1)).Build(Audience.Judge);
    }
}
