using System.Net;
using System.Net.Http.Json;
using System.Text.Json.Nodes;
using Dapper;
using FairCompass.Access;
using Npgsql;

namespace FairCompass.Web.Tests;

public partial class TrainingTests
{
    /// <summary>Two phones and a slip: they call eighteen reps, disagree before the ruling and agree after it; nobody is named.</summary>
    [Fact]
    public async Task A_hall_is_calibrated_by_phones_and_a_slip()
    {
        using var head = await As(Role.HeadJudge);
        var (one, name) = await Judge(6);
        var (two, _) = await Judge(7);
        Assert.Equal(HttpStatusCode.NoContent, (await one.GetAsync(At + "/together")).StatusCode);
        var id = Guid.NewGuid();
        using var begun = await head.PostAsJsonAsync(
            At + "/together",
            new
            {
                id,
                workout = (Guid?)null,
                movement = "air-squat",
            }
        );
        Assert.Equal(HttpStatusCode.OK, begun.StatusCode);
        var together = $"{At}/together/{id}";
        async Task<HttpStatusCode> Call(HttpClient phone, int number, string call)
        {
            using var answer = await phone.PostAsJsonAsync($"{together}/calls/{number}", new { call });
            return answer.StatusCode;
        }

        // Before it is shown nothing is called, and who is not head judge neither begins nor sees the spread.
        Assert.Equal(HttpStatusCode.NotFound, await Call(one, 1, "Good"));
        Assert.Equal(HttpStatusCode.Forbidden, (await one.GetAsync(together)).StatusCode);
        Assert.Equal(HttpStatusCode.Forbidden, (await one.GetAsync(together + "/reps/1")).StatusCode);
        await using var db = new NpgsqlConnection(api.App.Connection);
        var truths = (
            await db.QueryAsync<bool>("select good from together_rep where together_id = @id order by number", new { id })
        ).ToList();
        Assert.Equal(18, truths.Count);
        for (var number = 1; number <= 18; number++)
        {
            using var shown = await head.PostAsJsonAsync($"{together}/shown/{number}", (object?)null);
            Assert.Equal(HttpStatusCode.NoContent, shown.StatusCode);
            Assert.Equal("Bone", (string)(await Get(head, $"{together}/reps/{number}"))["film"]!["shapes"]![0]!["kind"]!);
            // The first follows the truth; the second does so after the ruling, and changes its mind once.
            await Call(one, number, truths[number - 1] ? "Good" : "NoRep");
            Assert.Equal(HttpStatusCode.NoContent, await Call(two, number, "Unseen"));
            await Call(two, number, number > 12 ? (truths[number - 1] ? "Good" : "NoRep") : (number % 2 == 0 ? "Good" : "NoRep"));
            Assert.Equal(HttpStatusCode.NotFound, await Call(two, number == 1 ? 2 : number - 1, "Good"));
            if (number == 12)
            {
                await head.PutAsJsonAsync(together + "/ruling", new { ruling = "The fold of the hip, not the thigh." });
            }
        }

        async Task<(HttpStatusCode, string)> Slip(string marks)
        {
            using var typed = await head.PostAsJsonAsync(together + "/slips", new { id = Guid.NewGuid(), marks });
            return (typed.StatusCode, await typed.Content.ReadAsStringAsync());
        }

        Assert.Equal(HttpStatusCode.UnprocessableEntity, (await Slip("GGX")).Item1);
        Assert.Contains("18 at most", (await Slip(new string('G', 19))).Item2, StringComparison.Ordinal);
        Assert.Equal(HttpStatusCode.NoContent, (await Slip(string.Concat(truths.Select(t => t ? 'g' : 'n')))).Item1);
        var said = await Get(head, together);
        Assert.Equal(3, said["answered"]!.GetValue<int>());
        Assert.Equal(1, said["after"]!.GetValue<double>());
        Assert.True(said["before"]!.GetValue<double>() < 0.9);
        Assert.Contains("After it: 1.00.", (string)said["sentence"]!, StringComparison.Ordinal);
        Assert.DoesNotContain((string)name["name"]!, said.ToJsonString(), StringComparison.Ordinal);
        Assert.All(
            said["reps"]!.AsArray(),
            r => Assert.Equal(3, r!["good"]!.GetValue<int>() + r["noRep"]!.GetValue<int>() + r["unseen"]!.GetValue<int>())
        );
        Assert.Equal("The fold of the hip, not the thigh.", (string)(await Get(one, At + "/together"))["together"]!["ruling"]!);
    }
}
