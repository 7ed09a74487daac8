# frozen_string_literal: true

module OakenGauge
  module Svg
    # The corners of a path of straight lines: moves, lines across, down and any way, to a place or by so much. A path with
    # curves has no corners to give, and is said to be left aside.
    class Path
      TOKEN = /[A-Za-z]|#{Shapes::NUMBER}/

      # @param text [String] a d attribute
      # @param aside [Proc] is told what is left aside
      def initialize(text, aside)
        @tokens = text.scan(TOKEN)
        @aside = aside
      end

      # @return [Array<Array(Float, Float)>, nil] of its first closed part
      def corners
        return left_aside("a curve") if @tokens.any? { |token| token.match?(/\A[csqta]\z/i) }

        closed = drawn.select { |part| part[:closed] }
        return left_aside("an open line") if closed.empty?

        closed.one? ? closed.first.fetch(:points) : left_aside("a shape with a hole")
      end

      private

      def left_aside(words)
        @aside.call(words)
        nil
      end

      def drawn
        @x = @y = 0.0
        @parts = []
        command = nil
        queue = @tokens.dup
        until queue.empty?
          command = queue.shift if queue.first.match?(/\A[A-Za-z]\z/)
          break unless command

          command = step(command, queue)
        end
        @parts.each { |part| part[:closed] ||= part[:points].size > 3 && part[:points].first == part[:points].last }
      end

      # What follows a move without a word of its own is a line.
      def step(command, queue)
        case command.downcase
        when "m" then move(command, queue)
        when "z" then close
        else line(command, queue)
        end
      end

      def move(command, queue)
        go(command == "m", *queue.shift(2).map(&:to_f))
        @parts << { points: [[@x, @y]], closed: false }
        command == "m" ? "l" : "L"
      end

      def close
        part = @parts.last or return
        part[:closed] = true
        @x, @y = part[:points].first
        nil
      end

      # To where, from the numbers that follow: across, down, or any way.
      TO = { "h" => ->(queue, _, y) { [queue.shift.to_f, y] }, "v" => ->(queue, x, _) { [x, queue.shift.to_f] },
             "l" => ->(queue, _, _) { queue.shift(2).map(&:to_f) } }.freeze
      private_constant :TO

      def line(command, queue)
        to = TO[command.downcase] or return end_at(queue)
        by = command == command.downcase
        go(by, *to.call(queue, by ? 0.0 : @x, by ? 0.0 : @y))
        @parts.last[:points] << [@x, @y] if @parts.any?
        command
      end

      # What follows a strange letter is not read.
      def end_at(queue)
        queue.clear
        nil
      end

      def go(by, x = 0.0, y = 0.0)
        @x, @y = by ? [@x + x, @y + y] : [x, y]
      end
    end
  end
end
