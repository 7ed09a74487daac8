# frozen_string_literal: true

module OakenGauge
  module Learning
    # What units that were measured teach of the hands that made them. For source i, a is the sum and v the sum of squares of the
    # coefficients of its independent draws; S = Σ v σ² + r² what a reading varies by. Biases have the precision κ/σ² that was known, κ
    # being four and what was measured directly, and n/S · a aᵀ of each group of n; they are worked in group by group. Spreads are moved
    # until nothing moves:
    #
    #   σ² ← (κ σ₀² + n σ² ((1 - π) + π s²/S)) / (κ + n),  π = v σ²/S
    class FromUnits
      # What a size is rounded to where it is read to a sixty-fourth: 1/64 over √12, inches.
      READING = 0.0045
      # Of a normal distribution, nine in ten.
      NINE_IN_TEN = 1.645
      STILL = 1e-12
      MOST_TURNS = 20_000
      # Of these what is off always is told by another value.
      MEANS = { fold: :fold_take_up }.freeze

      # One source. - kind; - moved, sd: of its bias, inches; - spread, before: inches
      Source = Struct.new(:kind, :moved, :sd, :spread, :before, keyword_init: true)

      # @param profile [Makers::Profile] with what direct tests taught
      # @param groups [Array<Measured::Group>]
      # @param take_up [Symbol] what tells how deep seams are: pressed to one side, or open
      def initialize(profile, groups, take_up)
        @profile = profile
        @groups = groups
        @take_up = take_up
        @kinds = groups.flat_map { |group| group.sources.keys }.uniq
      end

      # @return [Array<Source>]
      def sources
        @sources ||= @kinds.each_with_index.map do |kind, i|
          Source.new(kind: kind, moved: biases.first[i], sd: Math.sqrt(biases.last[i][i]), spread: spreads[i], before: before[i])
        end
      end

      # @return [Array<Lessons::Moved>]
      def moved
        sources.flat_map { |source| [mean_moved(source), spread_moved(source)].compact }
      end

      # The source that moved most, and those that these readings cannot tell from it.
      # @return [Array<Source>]
      def pointed_to
        most = sources.max_by { |source| source.moved.abs / source.before }
        [most, *sources.select { |source| source != most && alike?(source, most) }]
      end

      private

      def weight(kind)
        Sample::ASSUMED + [@profile.count(kind), @profile.count(mean_of(kind) || kind)].compact.max.to_i
      end

      def mean_of(kind)
        kind.to_s.start_with?("seam_") ? @take_up : MEANS[kind]
      end

      def before
        @before ||= @kinds.map { |kind| @profile[kind].to_f }
      end

      def row(group)
        @kinds.map { |kind| group.sources.fetch(kind, [0.0, 0.0]).first }
      end

      def varies(group, spreads)
        @kinds.each_index.sum { |i| group.sources.fetch(@kinds[i], [0.0, 0.0]).last * (spreads[i]**2) } + (READING**2)
      end

      # What each moved by, and how sure that is: the covariances.
      def biases
        @biases ||= begin
          known = @kinds.each_index.map { |i| @kinds.each_index.map { |j| i == j ? (before[i]**2) / weight(@kinds[i]) : 0.0 } }
          @groups.reduce([[0.0] * @kinds.size, known]) { |(means, sure), group| worked_in(means, sure, group) }
        end
      end

      def worked_in(means, sure, group)
        row = row(group)
        towards = sure.map { |own| dot(own, row) }
        whole = (varies(group, before) / group.count) + dot(towards, row)
        missing = group.missing - dot(row, means)
        [means.zip(towards).map { |mean, part| mean + (part / whole * missing) }, less(sure, towards, whole)]
      end

      def less(sure, towards, whole)
        sure.zip(towards).map { |own, of| own.zip(towards).map { |one, part| one - (of * part / whole) } }
      end

      def dot(one, other)
        one.zip(other).sum { |a, b| a * b }
      end

      def spreads
        @spreads ||= begin
          now = before
          MOST_TURNS.times do
            after = @kinds.each_index.map { |i| turned(i, now) }
            still = after.zip(now).all? { |one, other| (one - other).abs < STILL }
            now = after
            break if still
          end
          now
        end
      end

      def turned(place, spreads)
        kind = @kinds[place]
        own = spreads[place]**2
        sum = of(kind).sum { |group| group.count * own * kept(group, kind, own, varies(group, spreads)) }
        known = weight(kind)
        Math.sqrt(((known * (before[place]**2)) + sum) / (known + of(kind).sum(&:count)))
      end

      # Groups that it moves.
      def of(kind)
        @groups.select { |group| group.sources.key?(kind) }
      end

      def kept(group, kind, own, whole)
        part = group.sources.fetch(kind).last * own / whole
        (1 - part) + (part * (group.variance || whole) / whole)
      end

      # Whether what they move is alike in every group, up to a factor.
      def alike?(one, other)
        pairs = @groups.map { |group| [one, other].map { |source| group.sources.fetch(source.kind, [0.0]).first } }
        pairs.combination(2).all? { |(a, b), (c, d)| ((a * d) - (b * c)).abs < 1e-9 } && pairs.none? { |pair| pair.count(&:zero?) == 1 }
      end

      def count(kind)
        @profile.count(kind).to_i + of(kind).sum(&:count)
      end

      def mean_moved(source)
        name = mean_of(source.kind) or return
        to = @profile[name] + source.moved
        Lessons::Moved.new(value: name, from: @profile[name].to_f, to: to, count: count(source.kind), sd: source.sd,
                           bias_interval: between(to, source.sd))
      end

      def spread_moved(source)
        own = { bias: @profile.bias(source.kind) + source.moved,
bias_interval: between(@profile.bias(source.kind) + source.moved, source.sd) }
        Lessons::Moved.new(value: source.kind, from: source.before, to: source.spread, count: count(source.kind), sd: source.sd,
                           **(mean_of(source.kind) ? {} : own))
      end

      def between(middle, sd)
        [middle - (NINE_IN_TEN * sd), middle + (NINE_IN_TEN * sd)]
      end
    end
  end
end
