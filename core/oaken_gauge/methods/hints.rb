# frozen_string_literal: true

module OakenGauge
  module Methods
    # What helps in doing a step, for who has not done it often: short, by operation. What several have in common is said once.
    module Hints
      RULER = ["Keep the ruler's lines off the mat's: read one thing.",
               "Spread your fingers near the ruler's middle, one outside its edge, so that it cannot walk."].freeze
      STAND = ["Stand square to the cut, both feet down; cut beyond the edge, never back."].freeze
      STACK = ["Press the strips on one another before you cut: they cling."].freeze
      SEAM = ["Start on a scrap, or bring the corner right up to the needle; keep the scrap for the next chain."].freeze
      LIFT = ["Press from the back first, then from the front, so that no tuck is pressed in."].freeze
      STEAM = ["Steam or mist only where nothing stretches on the bias."].freeze

      SAY = {
        starch: ["Wash it first if you do at all; starch and press before anything is measured."],
        cut_edge: ["Find the grain by the selvage or by a tug: fabric gives least along it.", *STAND],
        cut_strip: [*RULER, "On a long cut move your hand, not the ruler."],
        subcut: [*STACK, *RULER],
        subcut_rectangle: [*STACK, *RULER],
        lay_slots: ["Look that both folds lie under the ruler before the first slot is cut."],
        cut_strip_slots: ["Cut all slots before the ruler is lifted; hold it down at both ends."],
        subcut_slots: [*STACK, "Cut all slots before the ruler is lifted."],
        cut_diagonal: ["Leave the squares stacked as they were cut; lay the ruler on both corners before you press on it."],
        cut_both_diagonals: ["Leave the pieces where they lie and turn the mat, not the fabric."],
        cut_kite: ["Set the square's corner on the ruler's right angle each time, not the piece cut before."],
        cut_triangle: ["Begin where the end already slants; leave no bias end on a strip that is kept.",
                       "With a template, lay a ruler on it for a straight edge; mind that it does not slide."],
        cut_blank: ["Grain along the feed; cover the shapes and no more."],
        cut_blank_off_grain: ["Starch these blanks: off grain they stretch in the press."],
        cut_with_die: ["Fold long strips back and forth over the shapes; lay the next pass while the press runs.",
                       "Lift lint off the blades before the next pass."],
        lay_strips: ["Press the pair of strips on one another: they cling until they are sewn."],
        lay_folded: ["Fold along the length, right sides in, and press: the halves cling."],
        cut_sheet: ["Cut on the printed line, not beside it: it is your raw edge."],
        trim_tips: ["Trim a handful laid alike, all the same way up, before the next handful."],
        measure_round: ["Measure below, in the middle and above."],
        measure_outline: ["Lay it face up on the outline; look at the corners first."],
        check_one: ["Half an hour of unpicking is saved by one unit made whole."],
        mark_diagonal: ["Use a line that washes out, fades under the iron, or lies in what is cut off.",
                        "Lay several squares in a row and mark them in one stroke."],
        mark_both_diagonals: ["Mark the second line from the corner too, not from where the lines cross.",
                              "Use a line that washes out, fades under the iron, or lies in what is cut off."],
        mark_across_seam: ["Mark from corner to corner; the line crosses the seam where it will."],
        sew_beside_line: [*SEAM, "Down one side of all, turn, and back up the other."],
        sew_on_line: [*SEAM, "A thread inside the line leaves room for the fold."],
        sew_beside_guide: [*SEAM, "Look at the far corner and the guide, not at the needle."],
        sew_on_guide: [*SEAM, "Look at the far corner and the guide, not at the needle."],
        sew_bonus: ["Sew it while the square lies under the foot anyway; cut between the seams when both are sewn."],
        sew_round: ["Needle down where you turn; leave no gap at the corners."],
        sew_long_side: ["Nothing is to be matched: leave each pair as it was cut and feed it, blunt end first."],
        sew_seam: ["Hold the last inch with a point, so that it does not slide off.", *SEAM],
        fold_and_sew: ["Turn the panel so that you always begin at the same edge.",
                       "Fold exactly on the line and crease it before you sew."],
        lay_opposites: ["Feel for the seams: nested they lock, and neither has to be pinned."],
        lay_opposites_open: ["A pin straight through both seams, upright, and one on either side of it."],
        lay_apart: ["Look at the outer edges only: the seams do not meet, and need not."],
        lay_on: ["Pins at right angles, out before the needle and the iron."],
        lay_centered: ["Fold both squares in four to find their middles, or measure in from two sides."],
        lay_cells: ["Know the fusible side by touch; begin at one corner and lay row after row."],
        look_at_cells: ["Look at it from across the room before you fuse it."],
        fuse_cell: ["Tack with the tip of the iron, not on bare glue; lift, do not slide."],
        cut_middle: ["Cut these two before any other: the square still lies square."],
        cut_on_line: ["Lay the ruler on the line and look that both seams lie beside it."],
        cut_between: ["Lay the ruler's quarter-inch line on the stitching."],
        cut_apart: ["Leave the pieces where they lie for the second cut."],
        cut_corner_off: ["Flip it open and look first: what is cut off does not come back."],
        open_halves: ["Finger press it open at the machine; the iron comes after the snip."],
        press_to_dark: ["Lay it dark side up: it opens away from you.", *LIFT],
        press_to_sky: [*LIFT, *STEAM],
        press_toward: [*LIFT, *STEAM],
        press_seam: ["All the same way, so that they nest later.", *LIFT],
        press_open: ["Open it with a fingertip ahead of the iron.", *LIFT],
        snip: ["Snip to the stitching and not into it; only when the pieces are cut apart."],
        snip_crossing: ["A stitch cut by a snip does no harm here."],
        trim_ears: ["Trim them when the seam is pressed, along both edges, before the next seam."],
        trim_to: ["Lay the line on the seam and look at all four corners before you cut."],
        trim_top: ["That side first: stop short, the next one lies there."],
        trim_rest: ["Lay the line on the point, a quarter inch below the edge."],
        trim_two: ["Look that the two raw sides lie on their lines along all their length."],
        trim_square: ["Let the ruler follow the patches beside it, not the one that is cut."]
      }.freeze

      # @param operation [Operation]
      # @return [Array<String>]
      def self.of(operation)
        SAY.fetch(operation.name, [])
      end
    end
  end
end
